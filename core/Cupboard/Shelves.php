<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;

/**
 * Puts agents on shelves: what hurts people stands highest, and two that are dangerous together never stand on one shelf, so
 * that neither drips on the other nor is taken for it.
 */
final readonly class Shelves
{
    public function __construct(private ChemistryRules $rules)
    {
    }

    /**
     * @param list<string> $agents ids
     *
     * @return list<list<string>> shelves from the highest to the lowest
     */
    public function of(array $agents): array
    {
        $high = array_values(array_filter($agents, fn (string $agent): bool => $this->rules->agent($agent)->harsh));
        $others = array_values(array_diff($agents, $high));

        return [...$this->apart($high), ...$this->apart($others)];
    }

    /**
     * The ones with the most enemies first, each on the first shelf that has none of them.
     *
     * @param list<string> $agents
     *
     * @return list<list<string>>
     */
    private function apart(array $agents): array
    {
        $shelves = [];
        $enemies = array_map(fn (string $one): int => count(array_filter(
            $agents,
            fn (string $other): bool => $other !== $one && $this->rules->isDanger($one, $other),
        )), array_combine($agents, $agents));
        usort($agents, static fn (string $a, string $b): int => [$enemies[$b], $a] <=> [$enemies[$a], $b]);
        foreach ($agents as $agent) {
            $place = 0;
            while (array_filter($shelves[$place] ?? [], fn (string $other): bool => $this->rules->isDanger($agent, $other))) {
                ++$place;
            }
            $shelves[$place][] = $agent;
        }

        return array_values($shelves);
    }
}
