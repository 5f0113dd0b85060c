<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\Sessions\AheadSessions;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Round;
use App\View\Pages\Today\TaskLine;
use App\View\Words\Dates;
use App\View\Words\ReasonWords;
use App\View\Words\Uses;
use GoodRinse\Core\Plan\Ahead\SessionDay;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\RunningTimer;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

/**
 * Writes what is due as a calendar: for every task a to-do, an event on its day or both, as the household wants it, with one
 * alarm; sessions ahead, what to buy, and where a long wait ends.
 */
final readonly class CareCalendar
{
    public function __construct(private ReasonWords $words)
    {
    }

    /**
     * @param list<MachineCare> $machines
     * @param list<array{Round, RunningTimer}> $waits that a round started and are still going on
     * @param AheadSessions|null $sessions in place of a day for each task
     * @param array<string, array{string, Day|null}> $toBuy what to buy, and until when, by the id of its purchase
     * @param array<string, \DateTimeImmutable> $written when the newest line about each machine was written, by machine; "" for the
     *     newest of all
     */
    public function write(
        Household $household,
        array $machines,
        Day $today,
        array $waits,
        ?AheadSessions $sessions = null,
        array $toBuy = [],
        array $written = [],
    ): VCalendar {
        $calendar = new VCalendar(['VERSION' => '2.0', 'PRODID' => '-//Good Rinse//Care of household machines//EN'], false);
        $calendar->add('METHOD', 'PUBLISH');
        $calendar->add('X-WR-CALNAME', "Good Rinse: $household->name");
        $calendar->add('REFRESH-INTERVAL', 'PT6H', ['VALUE' => 'DURATION']);
        $calendar->add('X-PUBLISHED-TTL', 'PT6H');
        foreach (CareReader::byUrgency($machines) as $task) {
            $day = $this->day($task, $today);
            if (null !== $day && !isset($sessions?->tasks["{$task->machine->id}:$task->id"])) {
                // What is due and not done moves on by itself with the day.
                $moved = $task->isDue() ? $today->midnight() : null;
                $this->add($calendar, $household, $task, $day, $today, Revision::newest($written[$task->machine->id] ?? null, $moved));
            }
        }

        if (null !== $sessions) {
            foreach ($sessions->plan->sessions as $session) {
                $this->addSession($calendar, $household, $sessions, $session, Revision::newest($written[''] ?? null, $today->midnight()));
            }
        }

        foreach ($waits as [$round, $timer]) {
            $this->addWait($calendar, $round, $timer);
        }

        foreach ($toBuy as $id => $buy) {
            $this->addPurchase($calendar, $id, $buy, Revision::newest($written[''] ?? null, null));
        }

        return $calendar;
    }

    /** The day it is asked for: the due day, or the one it was put off to; today when that is past. */
    private function day(TaskCare $task, Day $today): ?Day
    {
        $day = $task->rhythm()->remindOn ?? $task->rhythm()->dueOn;

        return null === $day ? ($task->isDue() ? $today : null) : ($today->isAfter($day) ? $today : $day);
    }

    /** @param array{string, Day|null} $buy what to buy, and until when */
    private function addPurchase(VCalendar $calendar, string $id, array $buy, Revision $revision): void
    {
        [$summary, $day] = $buy;
        $todo = $this->component($calendar, 'VTODO', [
            'UID' => mb_strtolower($id).'-buy@good-rinse',
            'STATUS' => 'NEEDS-ACTION',
            'SUMMARY' => $summary,
            'URL' => route('shopping'),
        ], $revision);
        if (null !== $day) {
            $todo->add('DUE', self::date($day), ['VALUE' => 'DATE']);
        }
    }

    private function add(VCalendar $calendar, Household $household, TaskCare $task, Day $day, Day $today, Revision $revision): void
    {
        $uid = sprintf('%s-%s', mb_strtolower($task->machine->id), $task->task()->id);
        $properties = [
            'SUMMARY' => "{$task->name()}, {$task->machine->name}",
            'DESCRIPTION' => $this->description($task, $today),
            'CATEGORIES' => $task->kind->name,
            'URL' => route('machines.show', [$task->machine, 'task' => $task->task()->id]),
        ];
        $kind = $household->calendar_kind;
        if (Household::EVENTS !== $kind) {
            $todo = ['UID' => "$uid@good-rinse", 'STATUS' => 'NEEDS-ACTION'] + $properties;
            $todo = $this->component($calendar, 'VTODO', $todo, $revision);
            $todo->add('DUE', self::date($day), ['VALUE' => 'DATE']);
            // Whoever has both is reminded once, by the event.
            if (Household::TODOS === $kind) {
                self::remind($calendar, $todo, "PT{$household->digest_hour}H", ['RELATED' => 'END']);
            }
        }
        if (Household::TODOS !== $kind) {
            $event = $this->wholeDay($calendar, ['UID' => "$uid-day@good-rinse"] + $properties, $day, $revision);
            self::remind($calendar, $event, "PT{$household->digest_hour}H");
        }
    }

    private function addSession(
        VCalendar $calendar,
        Household $household,
        AheadSessions $sessions,
        SessionDay $session,
        Revision $revision,
    ): void {
        $day = $sessions->today->plus($session->day);
        $lines = $jobs = [];
        foreach ($session->jobs as $job) {
            $task = $sessions->task($job);
            $lines[$task->machine->name][] = $task->name();
            $jobs[] = "{$task->machine->id}:{$task->fullest()}";
        }
        $event = $this->wholeDay($calendar, [
            'UID' => sprintf('session-%s-%s@good-rinse', mb_strtolower($household->id), self::date($day)),
            'SUMMARY' => (string) __('plan.ahead.summary', ['machines' => implode(', ', array_keys($lines))]),
            'DESCRIPTION' => implode("\n", [
                ...array_map(
                    static fn (string $machine, array $tasks): string => "$machine: ".implode(', ', $tasks),
                    array_keys($lines),
                    $lines,
                ),
                (string) __('plan.ahead.takes', ['minutes' => Uses::minutes($session->minutes)]),
            ]),
            'URL' => route('plan', ['jobs' => array_values(array_unique($jobs))]),
        ], $day, $revision);
        self::remind($calendar, $event, "PT{$household->digest_hour}H");
    }

    private function addWait(VCalendar $calendar, Round $round, RunningTimer $timer): void
    {
        $over = $timer->endsAt()->setTimezone(new \DateTimeZone('UTC'));
        $event = $this->component($calendar, 'VEVENT', [
            'UID' => mb_strtolower("$round->id-$timer->step@good-rinse"),
            'SUMMARY' => "$timer->label: {$round->machine->name}",
            'DESCRIPTION' => (string) __('reminders.calendar.over'),
            'DTSTART' => $over,
            'DTEND' => $over,
            'TRANSP' => 'TRANSPARENT',
            'URL' => route('rounds.show', $round),
        ], new Revision($timer->startedAt));
        self::remind($calendar, $event, 'PT0S');
    }

    /** @param array<string, mixed> $properties */
    private function wholeDay(VCalendar $calendar, array $properties, Day $day, Revision $revision): Component
    {
        $event = $this->component($calendar, 'VEVENT', $properties + ['TRANSP' => 'TRANSPARENT'], $revision);
        $event->add('DTSTART', self::date($day), ['VALUE' => 'DATE']);
        $event->add('DTEND', self::date($day->plus(1)), ['VALUE' => 'DATE']);

        return $event;
    }

    /** @param array<string, mixed> $properties */
    private function component(VCalendar $calendar, string $name, array $properties, Revision $revision): Component
    {
        $component = $calendar->add($name, $properties + $revision->properties());
        \assert($component instanceof Component);

        return $component;
    }

    /** @param array<string, string> $related */
    private static function remind(VCalendar $calendar, Component $component, string $trigger, array $related = []): void
    {
        $alarm = $calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => (string) $component->__get('SUMMARY')]);
        $alarm->add('TRIGGER', $trigger, $related);
        $component->add($alarm);
    }

    private static function date(Day $day): string
    {
        return $day->midnight()->format('Ymd');
    }

    private function description(TaskCare $task, Day $today): string
    {
        $line = new TaskLine($task, $today, $this->words);
        $window = $task->rhythm()->window;

        return implode("\n", array_filter([
            $line->reason(),
            null === $window
                ? null
                : (string) __('reminders.calendar.window', ['from' => Dates::day($window[0]), 'to' => Dates::day($window[1])]),
            trans_choice('reminders.calendar.takes', (int) ceil($task->estimate()->hands->value)),
        ]));
    }
}
