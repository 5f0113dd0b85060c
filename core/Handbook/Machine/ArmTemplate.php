<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Procedure\Condition;

/** A spray arm as machines of a kind have it as a rule: a start for the map of a real one. */
final readonly class ArmTemplate
{
    /**
     * @param string $task care task that its jets belong to
     * @param array<string, array{name: string, at: list<float>, count: string}> $sides by top or under: where the jets
     *     are along the arm (−1 to 1 of the rack's radius), and the reading they are counted under
     * @param list<array{to: float, name: string, holds: string}> $rings from the hub outwards; to as a share of the radius
     * @param Condition $when traits a machine must have to have the arm
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $task,
        public string $name,
        public array $sides,
        public array $rings,
        public Condition $when,
    ) {
    }

    /** @internal to the handbook */
    public static function read(Node $node, Condition $when): self
    {
        $sides = [];
        foreach (['top', 'under'] as $side) {
            if ($node->has($side)) {
                $sides[$side] = [
                    'name' => $node->at($side)->string('name'),
                    'at' => array_values($node->at($side)->at('at')->numbers()),
                    'count' => $node->at($side)->string('count'),
                ];
            }
        }

        return new self(
            $node->string('id'),
            $node->string('part'),
            $node->string('task'),
            $node->string('name'),
            $sides,
            array_map(
                static fn (Node $ring): array => [
                    'to' => $ring->number('to'),
                    'name' => $ring->string('name'),
                    'holds' => $ring->string('holds'),
                ],
                $node->at('rings')->items(),
            ),
            $when,
        );
    }
}
