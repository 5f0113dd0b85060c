<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Actions\Logbook\ActionRefused;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\Procedure\TimerRule;
use GoodRinse\Core\Handbook\Procedure\WaitChoice;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use Psr\Clock\ClockInterface;

/** When a step was done, and how long what it starts may last. */
final readonly class TickClock
{
    /** A device's clock may have sent something older than this no more, seconds. */
    private const LONGEST_AGO = 14 * 86400;

    /** Overnight ends at this hour. */
    private const MORNING = 8;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * Now, or as long ago as the device says, but never before the round began, nor before what the same person did
     * before; and what is sent at once never before anything that is there already.
     *
     * @return array{\DateTimeImmutable, string|null} and a word on it where a clock was wrong
     */
    public function at(Round $round, Progress $progress, User $by, TickInput $draft): array
    {
        $now = $this->clock->now();
        $claimed = null === $draft->ago ? $now : $now->modify(sprintf('-%d seconds', max(0, min($draft->ago, self::LONGEST_AGO))));
        $earliest = $round->started_at->toDateTimeImmutable();
        foreach ($progress->procedure->steps as $step) {
            foreach ($progress->ticksOf($step->id) as $tick) {
                $earliest = !$draft->isLate() || $tick->by === $by->id ? max($earliest, $tick->at) : $earliest;
            }
        }
        if ($claimed >= $earliest) {
            return [$claimed, null];
        }

        return [$earliest, $claimed < $earliest->modify('-1 minute') ? (string) __('rounds.clock_behind') : null];
    }

    /**
     * Minutes that were picked for a wait; null for as long as the handbook says.
     *
     * @throws ActionRefused when that is not one of its lengths
     */
    public function wait(User $by, TimerRule $rule, ?string $picked): ?float
    {
        if (null === $picked || [] === $rule->choices) {
            return null;
        }
        if (!in_array($picked, array_map(strval(...), $rule->choices), true)) {
            throw ActionRefused::noSuchWait();
        }
        if (WaitChoice::Rest->value === $picked) {
            return 0.0;
        }
        if (WaitChoice::Morning->value === $picked) {
            $now = $this->clock->now()->setTimezone($by->home()->zone());
            $morning = $now->modify(sprintf('tomorrow %d:00', self::MORNING));

            return round(($morning->getTimestamp() - $now->getTimestamp()) / 60, 1);
        }

        return (float) $picked;
    }

    /**
     * A running machine is not opened before its time without saying so.
     *
     * @throws ActionRefused with the time that is left
     */
    public function waitIsOver(Progress $progress, Step $step, TickInput $draft): void
    {
        foreach (Tick::DONE === $draft->how && !$draft->ended ? $progress->timers() : [] as $timer) {
            $left = $timer->secondsLeft($this->clock->now());
            if ($timer->step === $step->waitsFor && $timer->runs && $left > 60) {
                throw ActionRefused::stillRunning($timer->label, (int) ceil($left / 60));
            }
        }
    }
}
