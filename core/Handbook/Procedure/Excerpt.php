<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Handbook\UnknownEntry;

/**
 * Cuts out the part of the handbook that a round needs, as one machine has it: its steps in their order, in the machine's
 * words and amounts. It is a small handbook of its own that can be kept and read back.
 *
 * @internal to the handbook
 */
final readonly class Excerpt
{
    /** What a round needs of the shared part of the handbook. */
    private const IN_EXCERPTS = ['version', 'rhythm', 'scales', 'agents', 'cautions', 'kit', 'measurements'];

    /** What of a kind a round does not need: what it is reminded of is not decided in it. */
    private const NOT_IN_EXCERPTS = ['tasks', 'habits'];

    /** What of a part a round does not need: its steps say how it comes off. */
    private const NOT_OF_PARTS = ['comesOff'];

    /** Lists of which a round needs what its steps and parts name. */
    private const ONLY_NAMED = ['scales', 'cautions', 'measurements'];

    /** What keys were called when earlier versions kept them. */
    private const CALLED_NOW = ['say' => 'instruction', 'reading' => 'measurement', 'readings' => 'measurements'];

    /** @param Node $handbook the whole */
    public function __construct(private Node $handbook)
    {
    }

    /**
     * @param Node $node of the machine kind
     *
     * @return array{kinds: list<mixed>, kit: list<mixed>}&array<string, mixed>
     *
     * @throws UnknownEntry
     */
    public function of(Node $node, ProcedureBook $procedures, ProcedureSet $set, ProcedureBinding $binding): array
    {
        $raw = $procedures->rawSteps() + $binding->ownSteps;
        $steps = [];
        foreach ($binding->order as $id) {
            array_push($steps, ...($binding->before[$id] ?? []), ...[$binding->bind($raw[$id], $id)]);
        }
        $shared = array_intersect_key($this->handbook->raw(), array_flip(self::IN_EXCERPTS));
        $about = array_diff_key($node->at('kind')->raw(), array_flip(self::NOT_IN_EXCERPTS));
        $about['parts'] = array_map(
            static fn (mixed $part): array => array_diff_key((array) $part, array_flip(self::NOT_OF_PARTS)),
            [...$node->at('kind')->at('parts')->raw(), ...array_values($binding->ownParts)],
        );
        $kinds = [[
            'folder' => $node->string('folder'),
            'kind' => $binding->bind($about),
            'steps' => $steps,
            'procedures' => [['steps' => array_column($steps, 'id')] + $binding->bind($procedures->about($set))],
        ]];
        $named = self::named($kinds) + [Scales::MESH => true];
        foreach (self::ONLY_NAMED as $list) {
            $shared[$list] = array_values(
                array_map(static fn (Node $item): array => $item->raw(), array_intersect_key($this->handbook->at($list)->byId(), $named)),
            );
        }

        return ['kinds' => $kinds, 'kit' => array_values($binding->bind($this->handbook->at('kit')->raw()))] + $shared;
    }

    /**
     * @param array<string, mixed> $kept an excerpt as this version or an earlier one kept it
     *
     * @return array<array-key, mixed> as this version keeps it
     */
    public static function current(array $kept): array
    {
        return array_key_exists('measurements', $kept) ? $kept : self::renamed($kept);
    }

    /**
     * @param array<array-key, mixed> $tree
     *
     * @return array<array-key, mixed>
     */
    private static function renamed(array $tree): array
    {
        $renamed = [];
        foreach ($tree as $key => $value) {
            $renamed[self::CALLED_NOW[$key] ?? $key] = is_array($value) ? self::renamed($value) : $value;
        }

        return $renamed;
    }

    /**
     * @param array<array-key, mixed> $tree
     *
     * @return array<string, true> every text in it
     */
    private static function named(array $tree): array
    {
        $texts = [];
        array_walk_recursive($tree, static function (mixed $leaf) use (&$texts): void {
            if (is_string($leaf)) {
                $texts[$leaf] = true;
            }
        });

        return $texts;
    }
}
