<?php

declare(strict_types=1);

namespace App\View\Pages\Sessions;

use App\Care\Sessions\NextTurn;
use App\Care\Sessions\RunningSession;
use App\Care\Sessions\SessionReader;
use App\Models\CareSession;
use App\Models\Round;
use App\Models\User;
use App\View\Drawing\PlanLanes;
use App\View\Pages\Plan\PlanLine;
use App\View\Pages\Plan\PlanLines;
use App\View\Pages\Plan\PlanTimes;
use App\View\Words\TurnWords;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\RunningTimer;

/** A session that goes on: who does what next, and when all of it is done. */
final readonly class SessionPage
{
    public function __construct(private SessionReader $reader)
    {
    }

    public function for(CareSession $session, User $person): SessionData
    {
        $household = $person->home();
        $running = $this->reader->running($session, $household);
        $words = new SessionWords($running);
        $plan = new PlanLines(
            $running->fitted,
            array_map(static fn (Round $round): string => $round->machine->name, $running->rounds),
            PlanTimes::now($running->now, $household->zone()),
            $running->names,
        );
        $lines = $plan->lines();

        return new SessionData(
            household: $household,
            today: Day::at($running->now, $household->zone()),
            now: $running->now,
            session: $session,
            head: $words->head(),
            change: $words->change(),
            turns: self::turns($running, $person),
            lines: $lines,
            lanes: [] === $lines ? null : self::lanes($running, $plan, $lines),
            timers: self::timers($running),
            rounds: array_values($running->rounds),
            canJoin: [] !== $running->rounds
                && count($session->people) < CareSession::MOST_PEOPLE
                && !in_array($person->id, $session->people, true),
            canLeave: count($session->people) > 1 && in_array($person->id, $session->people, true),
        );
    }

    /** @return list<PersonTurn> the one who looks first */
    private static function turns(RunningSession $running, User $person): array
    {
        $turns = [];
        foreach ([] === $running->rounds ? [] : $running->session->people as $hand => $id) {
            $turn = NextTurn::of($running, $id);
            $turns[] = new PersonTurn(
                $running->names[$hand],
                $id === $person->id,
                (new TurnWords($turn))->line(),
                null === $turn->round ? null : $turn->machine()?->name,
            );
        }
        usort($turns, static fn (PersonTurn $a, PersonTurn $b): int => $b->isMe <=> $a->isMe);

        return $turns;
    }

    /** @param list<PlanLine> $lines */
    private static function lanes(RunningSession $running, PlanLines $plan, array $lines): PlanLanes
    {
        $done = new DonePieces($running);

        return $plan->lanes(
            [...$done->lines(), ...$lines],
            $running->fitted->schedule->finish,
            $done->span(),
        );
    }

    /** @return list<array{Round, RunningTimer}> */
    private static function timers(RunningSession $running): array
    {
        $timers = [];
        foreach ($running->rounds as $machine => $round) {
            foreach ($running->progress[$machine]->timers() as $timer) {
                $timers[] = [$round, $timer];
            }
        }
        usort($timers, static fn (array $a, array $b): int => $a[1]->endsAt() <=> $b[1]->endsAt());

        return $timers;
    }
}
