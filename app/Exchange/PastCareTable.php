<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Care\MachineCare;
use App\Care\TaskCare;
use GoodRinse\Core\Device\TableFormat;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Quantity\Day;

/** A table that a household has kept of its care, read against the machines it has here. */
final readonly class PastCareTable
{
    public const COLUMNS = ['date', 'machine', 'what', 'found'];
    public const MOST = 5000;

    /** What people call the columns, beside our own words. */
    private const CALLED = [
        'date' => ['date', 'day', 'when'],
        'machine' => ['machine', 'appliance', 'device'],
        'what' => ['what', 'task', 'job', 'part'],
        'found' => ['found', 'state', 'how', 'condition'],
    ];

    /**
     * @param list<string> $header as the table has it
     * @param array<string, int|null> $columns place of each column; null where it has none
     * @param list<PastCareLine> $good the earliest first
     * @param array<int, string> $bad what is wrong, by line
     */
    private function __construct(public array $header, public array $columns, public array $good, public array $bad)
    {
    }

    /**
     * @param array<string, int|null> $picked columns that somebody has matched; the others go by their names
     * @param list<MachineCare> $machines
     */
    public static function read(string $text, array $picked, array $machines, Handbook $handbook, Day $today): self
    {
        $table = ImportTable::read($text, self::CALLED, $picked, self::MOST);
        $format = TableFormat::of($table->column('date'), []);
        $good = $bad = [];
        foreach ($table->lines as $number => $cells) {
            $line = self::line($number, $cells['date'], $cells['machine'], $cells['what'], $cells['found'], [
                $format, $machines, $handbook, $today,
            ]);
            $line instanceof PastCareLine ? $good[] = $line : $bad[$number] = $line;
        }
        usort($good, static fn (PastCareLine $a, PastCareLine $b): int => $a->day->number <=> $b->day->number);

        return new self($table->header, $table->columns, $good, $bad);
    }

    /**
     * @param array{TableFormat, list<MachineCare>, Handbook, Day} $with
     *
     * @return PastCareLine|string what is wrong
     */
    private static function line(int $number, string $date, string $machine, string $what, string $found, array $with): PastCareLine|string
    {
        [$format, $machines, $handbook, $today] = $with;
        $moment = $format->moment($date, new \DateTimeZone('UTC'));
        $day = null === $moment ? null : Day::of($moment[0]->format('Y-m-d'));
        $care = self::machine($machines, $machine);
        $task = null === $care ? null : self::task($care, $what);
        $grade = null === $task || '' === $found ? null : self::grade($task, $found, $handbook);

        return match (true) {
            null === $day => (string) __('exchange.past.no_day', ['cell' => $date]),
            $day->isAfter($today) => (string) __('exchange.past.future'),
            null === $care => (string) __('exchange.past.no_machine', ['cell' => $machine]),
            null === $task => (string) __('exchange.past.no_task', ['cell' => $what, 'machine' => $care->machine->name]),
            '' !== $found && null === $grade => (string) __('exchange.past.no_grade', [
                'cell' => $found,
                'task' => $task->name(),
                'words' => self::words($task, $handbook),
            ]),
            default => new PastCareLine($number, $day, $task, $grade),
        };
    }

    /** @param list<MachineCare> $machines */
    private static function machine(array $machines, string $name): ?MachineCare
    {
        $machines = array_values(array_filter($machines, static fn (MachineCare $care): bool => [] !== $care->tasks));
        if ('' === $name && 1 === count($machines)) {
            return $machines[0];
        }
        $found = array_filter($machines, static fn (MachineCare $care): bool => in_array(
            mb_strtolower($name),
            [mb_strtolower($care->machine->name), mb_strtolower($care->kind->name)],
            true,
        ));

        return 1 === count($found) ? array_values($found)[0] : null;
    }

    private static function task(MachineCare $care, string $what): ?TaskCare
    {
        $what = mb_strtolower($what);
        $near = [];
        foreach ($care->tasks as $task) {
            $names = [mb_strtolower($task->name()), mb_strtolower($task->task()->name), $task->id];
            if (in_array($what, $names, true)) {
                return $task;
            }
            if ('' !== $what && (str_contains($names[0], $what) || str_contains($what, $names[1]))) {
                $near[] = $task;
            }
        }

        return 1 === count($near) ? $near[0] : null;
    }

    /** What can be said of how it was found, or that nothing can. */
    private static function words(TaskCare $task, Handbook $handbook): string
    {
        $names = $task->isGraded() ? array_column($handbook->scales()->scale($task->scale())->grades, 'name') : [];

        return [] === $names ? (string) __('exchange.past.ungraded') : mb_strtolower(implode(', ', $names));
    }

    private static function grade(TaskCare $task, string $found, Handbook $handbook): ?Grade
    {
        if (!$task->isGraded()) {
            return null;
        }
        foreach ($handbook->scales()->scale($task->scale())->grades as $grade) {
            if (in_array(mb_strtolower($found), [mb_strtolower($grade->name), $grade->id], true)) {
                return $grade;
            }
        }

        return null;
    }
}
