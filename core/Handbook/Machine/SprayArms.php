<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

use GoodRinse\Core\Handbook\Compiler\Node;

/** The spray arms of a kind of machine, read when they are asked for. */
final readonly class SprayArms
{
    /** @param array<string, string> $defaults what conditions may ask for, with what each stands at */
    public function __construct(private Node $arms, private array $defaults)
    {
    }

    /**
     * @param array<string, string> $traits of the machine
     *
     * @return array<string, ArmTemplate> those that it has, by id
     */
    public function for(array $traits): array
    {
        $arms = [];
        foreach ($this->arms->items() as $node) {
            $arm = ArmTemplate::read($node, $node->condition('when', $this->defaults));
            if ($arm->when->holds($traits)) {
                $arms[$arm->id] = $arm;
            }
        }

        return $arms;
    }
}
