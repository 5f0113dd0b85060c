<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\Sessions\PlannedSession;
use App\Care\Sessions\PlanWishes;
use App\Care\Sessions\SessionPlanner;
use App\Care\TaskCare;
use App\Models\CareSession;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use App\Support\Scalar;
use App\View\Pages\Today\TaskLine;
use App\View\Words\ReasonWords;
use App\View\Words\Uses;
use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Jobs on several machines as one session: what to do when, so that everything is done soonest. */
final readonly class PlanPage
{
    /** Minutes of waiting that are worth a word. */
    private const LONG = 5.0;

    public function __construct(
        private CareReader $care,
        private ClockInterface $clock,
        private SessionPlanner $planner,
        private ReasonWords $words,
    ) {
    }

    public function for(Household $household, PlanQuery $query, User $person): PlanData
    {
        $machines = $this->care->household($household);
        $times = PlanTimes::from($this->clock->now(), $household->zone(), $query->at, $query->ready, $query->limit());
        $today = Day::at($this->clock->now(), $household->zone());
        $jobs = $this->jobs($machines, $query->jobs);
        $session = $this->planner->plan($jobs, $machines, $household, new PlanWishes(
            $times->begin,
            $times->limit(),
            $query->people,
            array_filter(array_map($times->minutesTo(...), $query->set), static fn (?float $at): bool => null !== $at),
            $query->by,
        ));
        $people = 1 === $query->people ? [$person->name] : [$person->name, $this->other($household, $person)];
        $plan = new PlanLines(
            $session->fitted,
            array_map(static fn (Machine $machine): string => $machine->name, $session->machines),
            $times,
            $people,
            $query->set,
            $query->by,
        );
        $lines = $plan->lines();
        $words = new PlanWords($session, $times);

        return new PlanData(
            household: $household,
            today: $today,
            head: $words->head(),
            sentences: $words->sentences(),
            choices: $this->choices($machines, $jobs, $session, $today),
            at: $times->clock(0),
            ready: null === $query->limit() ? $times->readyAt() : '',
            minutes: $query->minutes ?? '',
            people: $people,
            lines: $lines,
            lanes: [] === $lines ? null : $plan->lanes($lines, $session->fitted->schedule->finish),
            starts: self::starts($session),
            troubles: $this->troubles($session, $lines, $query),
            open: CareSession::open($household),
        );
    }

    /** What runs by itself in a task, beyond the work. */
    private static function waits(TaskCare $task): string
    {
        $waits = $task->estimate()->all->value - $task->estimate()->hands->value;

        return $waits < self::LONG ? '' : Uses::minutes($waits);
    }

    /** Whose the second pair of hands are: the other member's, where there is just one. */
    private function other(Household $household, User $person): string
    {
        $others = $household->members()->whereKeyNot($person->id)->pluck('name');

        return 1 === $others->count() ? Scalar::text($others->first()) : Scalar::text(__('plan.second'));
    }

    /**
     * @param list<PlanLine> $lines
     *
     * @return list<string> what cannot be as it was asked for
     */
    private function troubles(PlannedSession $session, array $lines, PlanQuery $query): array
    {
        $unkept = array_map(
            static fn (PlanLine $line): string => "$line->machine, $line->what",
            array_filter($lines, static fn (PlanLine $line): bool => in_array($line->id, $session->fitted->unkept, true)),
        );

        return array_values([
            ...$session->conflicts,
            ...array_map(static fn (string $what): string => Scalar::text(__('plan.unkept', ['what' => $what])), $unkept),
            ...($query->isMinutesWrong() ? [Scalar::text(__('plan.minutes_wrong', ['most' => (string) PlanQuery::MOST_MINUTES]))] : []),
        ]);
    }

    /**
     * The rounds in the order in which they begin.
     *
     * @return list<array{Machine, list<string>}>
     */
    private static function starts(PlannedSession $session): array
    {
        $order = array_values(array_unique(array_map(static fn (Block $block): string => $block->round, $session->fitted->blocks)));

        return array_map(static fn (string $id): array => [$session->machines[$id], $session->jobs[$id]], $order);
    }

    /**
     * @param list<MachineCare> $machines
     * @param list<string>|null $picked
     *
     * @return array<string, list<string>> procedures by machine
     */
    private function jobs(array $machines, ?array $picked): array
    {
        if (null === $picked) {
            return SessionPlanner::proposed($machines);
        }
        $jobs = [];
        foreach ($machines as $care) {
            $of = array_merge(...array_map(
                static fn (TaskCare $task): array => array_keys($task->procedures()),
                array_values($care->tasks),
            ));
            $jobs[$care->machine->id] = array_values(array_unique(
                array_filter($of, static fn (string $id): bool => in_array("{$care->machine->id}:$id", $picked, true)),
            ));
        }

        return array_filter($jobs);
    }

    /**
     * @param list<MachineCare> $machines
     * @param array<string, list<string>> $jobs
     *
     * @return array<string, list<PlanChoice>>
     */
    private function choices(array $machines, array $jobs, PlannedSession $session, Day $today): array
    {
        $choices = [];
        foreach ($machines as $care) {
            foreach (CareReader::byUrgency([$care]) as $task) {
                $procedure = $task->fullest();
                if ('' === $procedure) {
                    continue;
                }
                $picked = $jobs[$care->machine->id] ?? [];
                $choices[$care->machine->name][$procedure] ??= new PlanChoice(
                    "{$care->machine->id}:$procedure",
                    $care->kind->procedureNames[$procedure] ?? $task->name(),
                    (new TaskLine($task, $today, $this->words))->when(),
                    Uses::minutes($task->estimate()->hands->value),
                    self::waits($task),
                    $task->kept->wear,
                    $task->neverOpened(),
                    in_array($procedure, $picked, true),
                    in_array($procedure, $session->left[$care->machine->id] ?? [], true),
                );
            }
        }

        return array_map(array_values(...), $choices);
    }
}
