<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Rounds;

use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\TimeLink;

/** Hours in which no machine runs: what runs by itself goes before or after them. */
final readonly class QuietHours
{
    /** Days for which quiet hours are looked at. */
    private const DAYS = 3;

    /**
     * @param int $from hour from which it is quiet, 0 to 23
     * @param int $to hour until which it is; the same as from for never
     */
    public function __construct(private int $from, private int $to)
    {
    }

    /**
     * What keeps machines from running: for each machine that would run a block of its own over each quiet time. A machine
     * that runs already is left to end, and a run that is longer than any time between goes on.
     *
     * @param list<Block> $blocks
     * @param \DateTimeImmutable $begin in the household's zone
     *
     * @return array{list<Block>, list<TimeLink>}
     */
    public function blockers(array $blocks, \DateTimeImmutable $begin): array
    {
        [$blockers, $links] = [[], []];
        foreach ($this->from === $this->to ? [] : $this->running($blocks) as $machine => [$until, $longest]) {
            if ($longest > $this->minutesBetween()) {
                continue;
            }
            foreach ($this->times($begin) as $n => [$from, $to]) {
                $from = max($from, $until);
                if ($to > $from) {
                    $id = "$machine/quiet $n";
                    $quiet = new Activity($id, $to - $from, [(string) $machine], isCounted: false);
                    $blockers[] = new Block($quiet, (string) $machine, [], '');
                    $links[] = TimeLink::at($id, $from);
                }
            }
        }

        return [$blockers, $links];
    }

    /**
     * @param list<Block> $blocks
     *
     * @return array<string, array{float, float}> minutes until which it runs already, and its longest run, by machine
     */
    private function running(array $blocks): array
    {
        $running = [];
        foreach ($blocks as $block) {
            if (null !== $block->wait && in_array($block->round, $block->activity->needs, true)) {
                [$until, $longest] = $running[$block->round] ?? [0.0, 0.0];
                $running[$block->round] = [
                    $block->isRunning ? max($until, $block->activity->minutes) : $until,
                    $block->isRunning ? $longest : max($longest, $block->activity->minutes),
                ];
            }
        }

        return $running;
    }

    /** Minutes of a day in which machines may run without a break. */
    private function minutesBetween(): float
    {
        return 60.0 * (($this->from - $this->to + 24) % 24);
    }

    /** @return list<array{float, float}> minutes from the beginning */
    private function times(\DateTimeImmutable $begin): array
    {
        $times = [];
        for ($day = -1; $day < self::DAYS; ++$day) {
            $from = $begin->modify("$day days")->setTime($this->from, 0);
            $to = $from->setTime($this->to, 0);
            $to = $to > $from ? $to : $to->modify('+1 day');
            [$first, $last] = [
                max(0.0, ($from->getTimestamp() - $begin->getTimestamp()) / 60),
                ($to->getTimestamp() - $begin->getTimestamp()) / 60,
            ];
            if ($last > $first) {
                $times[] = [$first, $last];
            }
        }

        return $times;
    }
}
