<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Rounds;

use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Plan\Schedule\TimeLink;

/**
 * Keeps apart what several rounds pour into one sink, bucket or bowl: where two of them must not meet, the one round is
 * through with the vessel, and the vessel cleared, before the other pours into it.
 */
final readonly class SharedVessels
{
    public function __construct(private ChemistryRules $rules)
    {
    }

    /**
     * @param array<string, RoundBlocks> $rounds by name; those whose vessels are in use already come first
     *
     * @return array{list<Block>, list<TimeLink>} clearings that no round has by itself, and what comes after what
     */
    public function apart(array $rounds): array
    {
        [$clearings, $links] = [[], []];
        $uses = array_map($this->uses(...), $rounds);
        foreach ($this->inTurn($uses) as [$one, $other, $vessel]) {
            [$use, $next] = [$uses[$one][$vessel], $uses[$other][$vessel]];
            if ('' === $next->first || !$this->areDangerous($use->agents, $next->agents)) {
                continue; // what both hold already cannot be planned apart any more
            }
            $last = $use->last;
            if (!$use->isClear) {
                $clearing = $this->clearing($one, $vessel, $rounds[$one]);
                $clearings[$clearing->activity->id] = $clearing;
                if ('' !== $last) {
                    $links[] = new TimeLink($last, $clearing->activity->id);
                }
                $last = $clearing->activity->id;
            }
            $links[] = new TimeLink($last, $next->first, joins: false);
        }

        return [array_values($clearings), array_values(array_unique($links, SORT_REGULAR))];
    }

    /**
     * Rounds that use the same vessel, two at a time, the one that comes to its vessels first before the other: always the
     * same one first, so that no two wait for each other.
     *
     * @param array<string, array<string, VesselUse>> $uses
     *
     * @return iterable<array{string, string, string}> round, round after it, and vessel
     */
    private function inTurn(array $uses): iterable
    {
        $rank = array_map(
            static fn (array $vessels): int => min([
                PHP_INT_MAX,
                ...array_map(static fn (VesselUse $use): int => $use->place, array_values($vessels)),
            ]),
            $uses,
        );
        asort($rank);
        $order = array_map(strval(...), array_keys($rank));
        foreach ($order as $n => $one) {
            foreach (array_slice($order, $n + 1) as $other) {
                foreach (array_keys(array_intersect_key($uses[$one], $uses[$other])) as $vessel) {
                    yield [$one, $other, (string) $vessel];
                }
            }
        }
    }

    /**
     * Where a round pours something into a vessel that others use, and whether it clears it afterwards.
     *
     * @return array<string, VesselUse> by vessel
     */
    private function uses(RoundBlocks $round): array
    {
        $uses = [];
        foreach ($round->holds as $vessel => $agents) {
            $id = $this->rules->vesselId((string) $vessel);
            $staying = array_values(array_filter($agents, fn (string $agent): bool => $this->rules->agent($agent)->staysIn($id)));
            if ($this->isShared($id) && [] !== $staying) {
                $uses[$id] = new VesselUse('', -1, '', $staying);
            }
        }
        foreach ($round->blocks as $place => $block) {
            foreach ($block->steps as $step) {
                foreach ($this->poured($step) as $vessel => $agents) {
                    $uses[$vessel] = ($uses[$vessel] ?? new VesselUse($block->activity->id, $place))->pour($block->activity->id, $agents);
                }
                $cleared = null === $step->clears ? '' : $this->rules->vesselId($step->clears->vessel);
                if (isset($uses[$cleared])) {
                    $uses[$cleared] = $uses[$cleared]->clear($block->activity->id);
                }
            }
        }

        return $uses;
    }

    private function isShared(string $vessel): bool
    {
        return isset($this->rules->vessels[$vessel]) && !$this->rules->vessels[$vessel]->own;
    }

    /** @return array<string, list<string>> agents that stay behind in a vessel others use, by vessel */
    private function poured(Step $step): array
    {
        $poured = [];
        foreach ($step->amounts as $amount) {
            $vessel = $this->rules->vesselId($amount->vessel);
            if ($this->isShared($vessel) && $this->rules->agent($amount->agent)->staysIn($vessel)) {
                $poured[$vessel][] = $amount->agent;
            }
        }

        return $poured;
    }

    /**
     * @param list<string> $some
     * @param list<string> $others
     */
    private function areDangerous(array $some, array $others): bool
    {
        foreach ($some as $one) {
            foreach ($others as $other) {
                if ($this->rules->isDanger($one, $other)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function clearing(string $round, string $vessel, RoundBlocks $blocks): Block
    {
        $data = $this->rules->vessel($vessel)->step;
        $hands = is_numeric($data['hands'] ?? null) ? (float) $data['hands'] : 1.0;
        $short = is_string($data['short'] ?? null) ? $data['short'] : $this->rules->vessel($vessel)->remedy;

        return new Block($blocks->handed("$round/clear $vessel", $hands, RoundBlocks::SINK === $vessel), $round, [], null, $short);
    }
}
