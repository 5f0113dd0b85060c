<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Care\RoundComposer;
use App\Models\CareSession;
use App\Models\Household;
use GoodRinse\Core\Plan\Rounds\RoundBlocks;
use GoodRinse\Core\Round\Progress;
use Psr\Clock\ClockInterface;

/** Plans what is left of a session from this moment, whatever has been done of it and however late that was. */
final readonly class SessionReader
{
    /** Orders tried before a page settles for what it has. */
    private const NODES = 300;
    /** Seconds for which somebody who was led to a machine, or has done a step on it, is taken to be at it. */
    private const AT_IT = 1200;
    /** Minutes by which everything has to be done sooner for somebody to leave the machine they are at. */
    private const WORTH_LEAVING = 1.0;

    public function __construct(
        private ClockInterface $clock,
        private RoundComposer $composer,
        private SessionScheduler $scheduler,
    ) {
    }

    /** @param int|null $moving person whose next turn is asked for: where they were led before holds no more */
    public function running(CareSession $session, Household $household, ?int $moving = null): RunningSession
    {
        $now = $this->clock->now();
        $rounds = $progress = $left = [];
        $hands = SessionScheduler::hands(max(1, count($session->people)));
        foreach ($session->rounds()->with('machine')->whereNull('ended_at')->orderBy('started_at')->orderBy('id')->get() as $round) {
            if ($round->isReadable()) {
                $machine = $round->machine_id;
                $rounds[$machine] = $round;
                $progress[$machine] = $round->progress();
                $left[$machine] = RoundBlocks::left(
                    $machine,
                    $progress[$machine],
                    $this->composer->answers($round, $household),
                    $now,
                    $hands,
                );
            }
        }
        // What has been poured from already comes first.
        uksort($left, static fn (string $a, string $b): int => (int) ([] === $progress[$a]->made) <=> (int) ([] === $progress[$b]->made));
        $fitted = $this->fitted($session, $household, $left, $this->atIt($session, $progress, $left, $now, $moving), $now);
        $names = $household->names($session->people);

        return new RunningSession(
            $session,
            $household,
            $fitted,
            $rounds,
            $progress,
            array_map(static fn (int $person): string => is_string($names[$person] ?? null) ? $names[$person] : '', $session->people),
            $now,
        );
    }

    /**
     * Who is at a machine stays there as long as that makes nothing later: a plan made anew must not send people to and fro.
     *
     * @param array<string, RoundBlocks> $left by machine
     * @param array<string, int> $atIt number of the hands that are at a block now
     */
    private function fitted(CareSession $session, Household $household, array $left, array $atIt, \DateTimeImmutable $now): FittedRounds
    {
        $people = max(1, count($session->people));
        [$hours, $by] = [$this->hours($session, $now), $atIt + ($session->wishes['by'] ?? [])];
        $stay = new PlanWishes($now, null, $people, array_fill_keys(array_keys($atIt), 0.0) + $hours, $by);
        $staying = $this->scheduler->fit($left, $household, $stay, self::NODES);
        if ([] === $atIt || $staying->schedule->proved) {
            return $staying;
        }
        $free = $this->scheduler->fit($left, $household, new PlanWishes($now, null, $people, $hours, $by), self::NODES);

        return $free->schedule->finish < $staying->schedule->finish - self::WORTH_LEAVING ? $free : $staying;
    }

    /** @return array<string, float> minutes from now at which blocks were set to begin and still can, by block */
    private function hours(CareSession $session, \DateTimeImmutable $now): array
    {
        $hours = array_map(
            static fn (string $at): float => ((new \DateTimeImmutable($at))->getTimestamp() - $now->getTimestamp()) / 60,
            $session->wishes['at'] ?? [],
        );

        return array_filter($hours, static fn (float $minutes): bool => $minutes >= 0);
    }

    /**
     * Who has been led to a machine, or has just done something there, goes on there, where nothing has to be waited for.
     *
     * @param array<string, Progress> $progress by machine
     * @param array<string, RoundBlocks> $left by machine
     *
     * @return array<string, int> number of their hands, by block
     */
    private function atIt(CareSession $session, array $progress, array $left, \DateTimeImmutable $now, ?int $moving): array
    {
        $by = [];
        foreach ($session->people as $hand => $person) {
            $machine = $person === $moving ? null : $this->ledTo($session, $person, $now);
            $machine ??= $this->lastAt($person, $progress, $now);
            $next = isset($left[$machine ?? '']) ? $left[$machine]->first() : null;
            if (null !== $next) {
                $by[$next] ??= $hand;
            }
        }

        return $by;
    }

    private function ledTo(CareSession $session, int $person, \DateTimeImmutable $now): ?string
    {
        $turn = $session->turns[$person] ?? null;
        $isFresh = null !== $turn && $now->getTimestamp() - (new \DateTimeImmutable($turn['since']))->getTimestamp() < self::AT_IT;
        $round = $isFresh ? $session->rounds()->whereKey($turn['round'])->first(['machine_id']) : null;

        return $round?->machine_id;
    }

    /** @param array<string, Progress> $progress by machine */
    private function lastAt(int $person, array $progress, \DateTimeImmutable $now): ?string
    {
        [$last, $at] = [null, null];
        foreach ($progress as $machine => $of) {
            $tick = $of->made[count($of->made) - 1] ?? null;
            $isTheirs = null !== $tick && $tick->by === $person && $now->getTimestamp() - $tick->at->getTimestamp() < self::AT_IT;
            if ($isTheirs && (null === $at || $tick->at > $at)) {
                [$last, $at] = [$machine, $tick->at];
            }
        }

        return $last;
    }
}
