<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Care\TaskCare;
use App\View\Words\Dates;
use GoodRinse\Core\Quantity\Day;

/** The next six weeks, with each task's due window on them; places run from 0 to 100. */
final readonly class WeeksStrip
{
    private const DAYS = 42;
    private const ROWS = 5;
    private const ROW_HEIGHT = 46;

    /**
     * @param list<array{Day, float}> $weeks where each week begins
     * @param list<array{care: TaskCare, on: Day, from: float, to: float, at: float, again: bool, y: int}> $marks
     * @param int $more marks for which there is no room
     */
    private function __construct(public array $weeks, public array $marks, public int $more)
    {
    }

    /** @param list<TaskCare> $tasks */
    public static function of(array $tasks, Day $today): self
    {
        $weeks = $marks = [];
        for ($week = 0; $week < self::DAYS / 7; ++$week) {
            $weeks[] = [$today->plus(7 * $week), round($week * 700 / self::DAYS, 2)];
        }
        $place = static fn (float $days): float => round(min(100, max(0, $days / self::DAYS * 100)), 1);
        foreach ($tasks as $care) {
            if (null !== $care->kept->ahead && $care->kept->ahead[1] < self::DAYS) {
                [$earliest, $due, $latest, $again] = $care->kept->ahead;
                $marks[] = [
                    'care' => $care,
                    'on' => $today->plus((int) ceil($due)),
                    'from' => $place($earliest),
                    'to' => $place($latest),
                    'at' => $place($due),
                    'again' => $again,
                ];
            }
        }

        usort($marks, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        $shown = [];
        foreach (array_slice($marks, 0, self::ROWS) as $row => $mark) {
            $shown[] = [...$mark, 'y' => 44 + self::ROW_HEIGHT * $row];
        }

        return new self($weeks, $shown, max(0, count($marks) - self::ROWS));
    }

    /** Of the whole drawing, with one row at least. */
    public function height(): int
    {
        return 28 + self::ROW_HEIGHT * max(1, count($this->marks));
    }

    public function inWords(Day $today): string
    {
        return implode('. ', array_map(static fn (array $mark): string => (string) __(
            $mark['again'] ? 'today.strip_again' : 'today.strip_due',
            [
                'job' => $mark['care']->name(),
                'machine' => $mark['care']->machine->name,
                'when' => Dates::longWeekday($mark['on'], $today),
            ],
        ), $this->marks)) ?: (string) __('today.strip_none');
    }
}
