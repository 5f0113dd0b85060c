<?php

declare(strict_types=1);

namespace App\View\Pages\Ahead;

use App\Care\Sessions\AheadReader;
use App\Care\Sessions\AheadSessions;
use App\Care\Sessions\SessionWish;
use App\Models\Household;
use App\Support\Scalar;
use App\View\Words\Dates;
use App\View\Words\Uses;
use GoodRinse\Core\Plan\Ahead\AheadPlan;
use GoodRinse\Core\Plan\Ahead\SessionDay;
use GoodRinse\Core\Quantity\Day;

/** The sessions of the next half year, against each task by itself. */
final readonly class AheadPage
{
    /** Moved tasks that are named. */
    private const NAMED = 4;

    public function __construct(private AheadReader $reader)
    {
    }

    /** @param SessionWish|null $wish to look at; null for what the household has said */
    public function for(Household $household, ?SessionWish $wish): AheadData
    {
        $kept = SessionWish::kept($household);
        $shown = null === $wish || SessionWish::NONE === $wish->mode ? $kept ?? new SessionWish() : $wish;
        $sessions = $this->reader->read($household, $shown);
        $count = count($sessions->plan->sessions);

        return new AheadData(
            household: $household,
            today: $sessions->today,
            wish: $shown,
            isKept: null !== $kept && $kept == $shown,
            hasMachines: $household->activeMachines()->exists(),
            head: 0 === $count ? self::text('head_none') : self::counted('head', $count),
            lines: array_map(fn (SessionDay $session): AheadLine => $this->line($session, $sessions), $sessions->plan->sessions),
            compared: self::compared($sessions->plan, $sessions->each),
            moved: $kept == $shown ? $this->moved($household, $sessions) : [],
            between: self::between($sessions),
            weekdays: array_map(
                Dates::nameOfDay(...),
                array_combine(range(1, 7), range(1, 7)),
            ),
        );
    }

    /** @return array<string, list<string>> */
    private static function between(AheadSessions $sessions): array
    {
        $between = [];
        foreach ($sessions->between as $task) {
            $between[$task->machine->name][] = $task->name();
        }

        return $between;
    }

    private function line(SessionDay $session, AheadSessions $sessions): AheadLine
    {
        $machines = $jobs = [];
        foreach ($session->jobs as $job) {
            $task = $sessions->task($job);
            $machines[$task->machine->name][] = $task->name();
            $jobs[] = "{$task->machine->id}:{$task->fullest()}";
        }
        $day = $sessions->today->plus($session->day);

        return new AheadLine(
            Dates::longWeekday($day, $sessions->today),
            Uses::minutes($session->minutes),
            $machines,
            route('plan', ['jobs' => array_values(array_unique($jobs))]),
        );
    }

    /** @return list<array{string, string, string}> */
    private static function compared(AheadPlan $plan, AheadPlan $each): array
    {
        return [
            [self::text('days'), (string) count($plan->sessions), (string) count(array_unique(
                array_map(static fn (SessionDay $session): int => $session->day, $each->sessions),
            ))],
            [self::text('openings'), (string) $plan->openings, (string) $each->openings],
            [self::text('hands'), Uses::minutes($plan->minutes), Uses::minutes($each->minutes)],
            [self::text('over'), (string) $plan->daysOver, (string) $each->daysOver],
        ];
    }

    /** @return list<string> */
    private function moved(Household $household, AheadSessions $sessions): array
    {
        $rule = $household->session_rule;
        $today = $sessions->today->midnight()->format('Y-m-d');
        $moved = [];
        foreach ($sessions->days() as $job => $day) {
            $was = $rule['days'][$job] ?? $day;
            if ($was !== $day && $was >= $today) {
                $task = $sessions->tasks[$job];
                $moved[] = self::text('moved', [
                    'task' => $task->name(),
                    'machine' => $task->machine->name,
                    'day' => Dates::day(Day::of($day), $sessions->today),
                    'was' => Dates::day(Day::of($was), $sessions->today),
                ]);
            }
        }
        $more = count($moved) - self::NAMED;

        return $more > 0
            ? [...array_slice($moved, 0, self::NAMED), self::counted('more_moved', $more)]
            : $moved;
    }

    private static function counted(string $key, int $count): string
    {
        return Scalar::text(trans_choice("plan.ahead.$key", $count, ['count' => Uses::small($count)]));
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("plan.ahead.$key", $values));
    }
}
