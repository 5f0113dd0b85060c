<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

use GoodRinse\Core\Handbook\Compiler\Node;

/** What the handbook says of the cupboard: when to buy, which tools are kept, and what a run of a machine takes. */
final readonly class CupboardRules
{
    /**
     * @param ShoppingRule $shopping when something goes on the list
     * @param array<string, string> $tools names of the things for a round that are bought and kept, by the id of the kit
     * @param array<string, MachineRun> $runs what one run takes in a care job, by kind of machine; none for one that does not run
     */
    private function __construct(public ShoppingRule $shopping, public array $tools, public array $runs)
    {
    }

    /** @internal to the handbook */
    public static function read(Node $cupboard, Node $kit): self
    {
        $tools = array_filter($kit->byId(), static fn (Node $thing): bool => $thing->flag('shop'));
        $runs = [];
        foreach ($cupboard->at('cycles')->items() as $cycle) {
            $runs[$cycle->string('kind')] = MachineRun::read($cycle);
        }

        return new self(
            ShoppingRule::read($cupboard->at('list')),
            array_map(
                static fn (Node $thing): string => (string) preg_replace('/,? *\{[^}]*\}/', '', $thing->string('name')),
                $tools,
            ),
            $runs,
        );
    }
}
