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
 * Writes what is due as a calendar: for every task a to-do, and an event on its day, with an alarm each; and an event
 * where a long wait ends.
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
     */
    public function write(
        Household $household,
        array $machines,
        Day $today,
        array $waits,
        ?AheadSessions $sessions = null,
        array $toBuy = [],
    ): VCalendar {
        $calendar = new VCalendar(['VERSION' => '2.0', 'PRODID' => '-//Good Rinse//Care of household machines//EN'], false);
        $calendar->add('METHOD', 'PUBLISH');
        $calendar->add('X-WR-CALNAME', "Good Rinse: $household->name");
        $calendar->add('REFRESH-INTERVAL', 'PT6H', ['VALUE' => 'DURATION']);
        $calendar->add('X-PUBLISHED-TTL', 'PT6H');
        foreach (CareReader::byUrgency($machines) as $task) {
            $day = $this->day($task, $today);
            if (null !== $day && !isset($sessions?->tasks["{$task->machine->id}:$task->id"])) {
                $this->add($calendar, $household, $task, $day, $today);
            }
        }

        if (null !== $sessions) {
            foreach ($sessions->plan->sessions as $session) {
                $this->addSession($calendar, $household, $sessions, $session);
            }
        }

        foreach ($waits as [$round, $timer]) {
            $this->addWait($calendar, $round, $timer);
        }

        foreach ($toBuy as $id => [$summary, $day]) {
            $this->addPurchase($calendar, $id, $summary, $day, $today);
        }

        return $calendar;
    }

    private function addPurchase(VCalendar $calendar, string $id, string $summary, ?Day $day, Day $today): void
    {
        $todo = $calendar->add('VTODO', [
            'UID' => mb_strtolower($id).'-buy@good-rinse',
            'STATUS' => 'NEEDS-ACTION',
            'SUMMARY' => $summary,
            'DTSTAMP' => $today->midnight(),
            'URL' => route('shopping'),
        ]);
        \assert($todo instanceof Component);
        if (null !== $day) {
            $todo->add('DUE', $day->midnight()->format('Ymd'), ['VALUE' => 'DATE']);
        }
    }

    /** The day it is asked for: the due day, or the one it was put off to; today when that is past. */
    private function day(TaskCare $task, Day $today): ?Day
    {
        $day = $task->rhythm->remindOn ?? $task->rhythm->dueOn;

        return null === $day ? ($task->isDue() ? $today : null) : ($today->isAfter($day) ? $today : $day);
    }

    private function add(VCalendar $calendar, Household $household, TaskCare $task, Day $day, Day $today): void
    {
        $uid = sprintf('%s-%s', mb_strtolower($task->machine->id), $task->task->id);
        $stamp = $today->midnight();
        $properties = [
            'SUMMARY' => "{$task->name()}, {$task->machine->name}",
            'DESCRIPTION' => $this->description($task, $today),
            'DTSTAMP' => $stamp,
            'LAST-MODIFIED' => $stamp,
            'CATEGORIES' => $task->kind->name,
            'URL' => route('machines.show', [$task->machine, 'task' => $task->task->id]),
        ];
        $todo = $calendar->add('VTODO', ['UID' => "$uid@good-rinse", 'STATUS' => 'NEEDS-ACTION'] + $properties);
        $event = $calendar->add('VEVENT', ['UID' => "$uid-day@good-rinse", 'TRANSP' => 'TRANSPARENT'] + $properties);
        \assert($todo instanceof Component && $event instanceof Component);
        $todo->add('DUE', (string) $day->midnight()->format('Ymd'), ['VALUE' => 'DATE']);
        $event->add('DTSTART', $day->midnight()->format('Ymd'), ['VALUE' => 'DATE']);
        $event->add('DTEND', $day->plus(1)->midnight()->format('Ymd'), ['VALUE' => 'DATE']);
        foreach ([[$todo, ['RELATED' => 'END']], [$event, []]] as [$component, $related]) {
            $alarm = $calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $properties['SUMMARY']]);
            $alarm->add('TRIGGER', "PT{$household->digest_hour}H", $related);
            $component->add($alarm);
        }
    }

    private function addSession(VCalendar $calendar, Household $household, AheadSessions $sessions, SessionDay $session): void
    {
        $day = $sessions->today->plus($session->day);
        $lines = $jobs = [];
        foreach ($session->jobs as $job) {
            $task = $sessions->task($job);
            $lines[$task->machine->name][] = $task->name();
            $jobs[] = "{$task->machine->id}:{$task->fullest()}";
        }
        $summary = (string) __('plan.ahead.summary', ['machines' => implode(', ', array_keys($lines))]);
        $event = $calendar->add('VEVENT', [
            'UID' => sprintf('session-%s-%s@good-rinse', mb_strtolower($household->id), $day->midnight()->format('Ymd')),
            'SUMMARY' => $summary,
            'DESCRIPTION' => implode("\n", [
                ...array_map(
                    static fn (string $machine, array $tasks): string => "$machine: ".implode(', ', $tasks),
                    array_keys($lines),
                    $lines,
                ),
                (string) __('plan.ahead.takes', ['minutes' => Uses::minutes($session->minutes)]),
            ]),
            'DTSTAMP' => $sessions->today->midnight(),
            'TRANSP' => 'TRANSPARENT',
            'URL' => route('plan', ['jobs' => array_values(array_unique($jobs))]),
        ]);
        \assert($event instanceof Component);
        $event->add('DTSTART', $day->midnight()->format('Ymd'), ['VALUE' => 'DATE']);
        $event->add('DTEND', $day->plus(1)->midnight()->format('Ymd'), ['VALUE' => 'DATE']);
        $alarm = $calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $summary]);
        $alarm->add('TRIGGER', "PT{$household->digest_hour}H");
        $event->add($alarm);
    }

    private function addWait(VCalendar $calendar, Round $round, RunningTimer $timer): void
    {
        $over = $timer->endsAt()->setTimezone(new \DateTimeZone('UTC'));
        $summary = "$timer->label: {$round->machine->name}";
        $event = $calendar->add('VEVENT', [
            'UID' => mb_strtolower("$round->id-$timer->step@good-rinse"),
            'SUMMARY' => $summary,
            'DESCRIPTION' => (string) __('reminders.calendar.over'),
            'DTSTAMP' => $timer->startedAt->setTimezone(new \DateTimeZone('UTC')),
            'DTSTART' => $over,
            'DTEND' => $over,
            'TRANSP' => 'TRANSPARENT',
            'URL' => route('rounds.show', $round),
        ]);
        \assert($event instanceof Component);
        $alarm = $calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $summary]);
        $alarm->add('TRIGGER', 'PT0S');
        $event->add($alarm);
    }

    private function description(TaskCare $task, Day $today): string
    {
        $line = new TaskLine($task, $today, $this->words);
        $window = $task->rhythm->window;

        return implode("\n", array_filter([
            $line->reason(),
            null === $window
                ? null
                : (string) __('reminders.calendar.window', ['from' => Dates::day($window[0]), 'to' => Dates::day($window[1])]),
            (string) __('reminders.calendar.takes', ['minutes' => (int) ceil($task->estimate->hands->value)]),
        ]));
    }
}
