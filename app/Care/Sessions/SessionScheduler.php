<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Models\Household;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Plan\Rounds\QuietHours;
use GoodRinse\Core\Plan\Rounds\RoundBlocks;
use GoodRinse\Core\Plan\Rounds\SharedVessels;
use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\ImpossiblePlan;
use GoodRinse\Core\Plan\Schedule\Schedule;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Plan\Schedule\TimeLink;
use Illuminate\Contracts\Cache\Repository;

/** Fits rounds into each other's waits, as a household's rules and people's wishes allow. */
final readonly class SessionScheduler
{
    /** Seconds that a plan is kept. */
    private const KEPT = 604_800;

    public function __construct(private Handbook $handbook, private Repository $cache)
    {
    }

    /** @return non-empty-list<string> resources that are the hands of so many people */
    public static function hands(int $people): array
    {
        return 1 === $people ? [RoundBlocks::HANDS] : [RoundBlocks::HANDS, RoundBlocks::MORE_HANDS];
    }

    /**
     * @param array<string, RoundBlocks> $rounds by machine
     * @param int $nodes orders tried before it settles for what it has
     */
    public function fit(array $rounds, Household $household, PlanWishes $wishes, int $nodes): FittedRounds
    {
        [$blocks, $links] = (new SharedVessels($this->handbook->chemistry()))->apart($rounds);
        foreach ($rounds as $round) {
            array_unshift($blocks, ...$round->blocks);
            array_unshift($links, ...$round->links);
        }
        $blocks = array_map(fn (Block $block): Block => $this->given($block, $wishes), $blocks);
        array_push($links, ...self::inTheSink($rounds, $blocks));
        $quiet = (new QuietHours(
            $household->quiet_from,
            $household->quiet_machines ? $household->quiet_to : $household->quiet_from,
        ))->blockers($blocks, $wishes->begin->setTimezone($household->zone()));
        $unkept = [];
        do {
            $set = $this->set($blocks, $wishes);
            try {
                $schedule = $this->schedule([...$blocks, ...$quiet[0]], [...$links, ...$quiet[1], ...$set], $wishes->people, $nodes);
            } catch (ImpossiblePlan $e) {
                $hours = array_filter($e->links, static fn (TimeLink $link): bool => in_array($link, $set, false));
                $at = array_map(static fn (TimeLink $link): string => $link->to, [] === $hours ? $set : $hours);
                [$wishes, $unkept] = [$wishes->withoutHours(...$at), [...$unkept, ...$at]];
                if ([] === $at) {
                    [$links, $schedule] = [$this->without($links, $e), null];
                }
            }
        } while (!isset($schedule));
        usort($blocks, static fn (Block $a, Block $b): int => [$schedule->starts[$a->activity->id], null === $a->wait ? 1 : 0]
            <=> [$schedule->starts[$b->activity->id], null === $b->wait ? 1 : 0]);

        return new FittedRounds($schedule, $blocks, array_values(array_unique($unkept)));
    }

    private function given(Block $block, PlanWishes $wishes): Block
    {
        $hands = self::hands($wishes->people)[$wishes->by[$block->activity->id] ?? -1] ?? null;

        return null === $hands || [] === $block->activity->anyOf ? $block : $block->by($hands);
    }

    /**
     * What lies in the sink now is taken out before anything else goes into it.
     *
     * @param array<string, RoundBlocks> $rounds
     * @param list<Block> $blocks
     *
     * @return list<TimeLink>
     */
    private static function inTheSink(array $rounds, array $blocks): array
    {
        $links = [];
        foreach ($rounds as $name => $round) {
            $out = $round->takesOut();
            foreach ($blocks as $block) {
                if (null !== $out && $block->round !== (string) $name && in_array(RoundBlocks::SINK, $block->activity->needs, true)) {
                    $links[] = new TimeLink($out, $block->activity->id, joins: false);
                }
            }
        }

        return $links;
    }

    /**
     * @param list<Block> $blocks
     *
     * @return list<TimeLink> hours that people have set
     */
    private function set(array $blocks, PlanWishes $wishes): array
    {
        $set = [];
        foreach ($blocks as $block) {
            if (isset($wishes->at[$block->activity->id]) && null === $block->wait) {
                $set[] = TimeLink::at($block->activity->id, max(0.0, $wishes->at[$block->activity->id]));
            }
        }

        return $set;
    }

    /**
     * Waits that cannot all be ended in time any more are ended as soon as can be; and where rounds wait for each other's vessels
     * all round, one of them does not: what must not meet is stopped at its step.
     *
     * @param list<TimeLink> $links
     *
     * @return list<TimeLink>
     */
    private function without(array $links, ImpossiblePlan $conflict): array
    {
        $hit = array_filter($links, static fn (TimeLink $link): bool => in_array($link, $conflict->links, false));
        foreach ($hit as $i => $link) {
            if (null !== $link->most && !$link->isFromTheBeginning()) {
                $links[$i] = new TimeLink($link->from, $link->to, $link->least, null, $link->joins);

                return array_values($links);
            }
        }
        foreach ($hit as $i => $link) {
            if (!$link->joins) {
                unset($links[$i]);

                return array_values($links);
            }
        }

        throw $conflict;
    }

    /**
     * The same steps have the same plan, so it is kept for a while.
     *
     * @param list<Block> $blocks
     * @param list<TimeLink> $links
     */
    private function schedule(array $blocks, array $links, int $people, int $nodes): Schedule
    {
        $activities = array_map(static fn (Block $block): Activity => $block->activity, $blocks);
        $key = 'plan.'.hash('xxh128', serialize([Scheduler::VERSION, $nodes, $people, $activities, $links]));
        $kept = $this->cache->get($key);
        if (!$kept instanceof Schedule) {
            $kept = (new Scheduler($nodes))->plan($activities, $links, self::hands($people));
            $this->cache->put($key, $kept, self::KEPT);
        }

        return $kept;
    }
}
