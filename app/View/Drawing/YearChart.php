<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Words\Dates;
use GoodRinse\Core\Handbook\Scale\Scale;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\Workings;

/**
 * A year of one task: openings, the interval in force as a stepping line, and the window ahead. Drawn in a box 1080
 * wide and 104 high, nine months back and three ahead.
 */
final readonly class YearChart
{
    public const WIDTH = 1080;
    private const BACK = 274;
    private const AHEAD = 91;
    private const TOP = 12.0;
    private const FLOOR = 58.0;
    /** Openings nearer to each other than this are drawn as dots: a finger could not tell them apart. */
    private const APART = 28.0;

    /**
     * @param list<array{float, string}> $months where each month begins, with its name
     * @param string $line path of the interval in force
     * @param list<array{float, float, float}> $levels interval in force where the drawing begins and today: place,
     *     height, interval
     * @param list<array{float, OpeningRecord, bool}> $marks place of each opening, and whether it has room to be
     *     pressed
     * @param array{float, float, float}|null $window earliest, due and latest; null without a date
     * @param Day|null $beyond due day where it lies beyond the drawing
     */
    private function __construct(
        public float $today,
        public array $months,
        public string $line,
        public array $levels,
        public array $marks,
        public ?array $window,
        public ?Day $beyond,
    ) {
    }

    /**
     * @param list<OpeningRecord> $openings oldest first
     * @param Workings|null $workings of the clock that decides; null where the task follows none
     */
    public static function of(array $openings, ?Workings $workings, ?Rhythm $rhythm, Day $today): self
    {
        $first = $today->plus(-self::BACK);
        $x = static fn (Day $day): float => round(min(1, max(0, $day->since($first) / (self::BACK + self::AHEAD))) * self::WIDTH, 1);
        [$line, $levels] = null === $workings ? ['', []] : self::line($workings, $first, $today, $x);
        $marks = [];
        $pressed = -INF;
        foreach ($openings as $opening) {
            if (!$first->isAfter($opening->day) && !$opening->day->isAfter($today)) {
                $at = $x($opening->day);
                $marks[] = [$at, $opening, $roomy = $at - $pressed >= self::APART];
                $pressed = $roomy ? $at : $pressed;
            }
        }
        $last = $today->plus(self::AHEAD);
        $due = $rhythm?->dueOn;
        $window = null === $rhythm?->window || null === $due || $rhythm->window[0]->isAfter($last)
            ? null
            : [$x($rhythm->window[0]), $due->isAfter($last) ? INF : $x($due), $x($rhythm->window[1])];

        return new self(
            $x($today),
            self::months($first, $last, $x),
            $line,
            $levels,
            $marks,
            $window,
            null !== $due && $due->isAfter($last) ? $due : null,
        );
    }

    /**
     * @param \Closure(Day): float $x
     *
     * @return list<array{float, string}>
     */
    private static function months(Day $first, Day $last, \Closure $x): array
    {
        $months = [];
        for ($day = $first; !$day->isAfter($last); $day = $day->plus(1)) {
            if ('01' === $day->midnight()->format('d')) {
                $months[] = [$x($day), Dates::month($day)];
            }
        }

        return $months;
    }

    /**
     * @param \Closure(Day): float $x
     *
     * @return array{string, list<array{float, float, float}>}
     */
    private static function line(Workings $workings, Day $first, Day $today, \Closure $x): array
    {
        $force = $workings->inForce();
        $longest = max(1e-9, 0.0, ...array_map(static fn (array $step): float => $step[1], $force));
        $y = static fn (float $interval): float => round(self::FLOOR - $interval / $longest * (self::FLOOR - self::TOP), 1);
        $now = $force[0][1];
        foreach ($force as [$day, $interval]) {
            $now = null !== $day && !$day->isAfter($first) ? $interval : $now;
        }
        $path = sprintf('M0 %s', $y($now));
        $levels = [[0.0, $y($now), $now]];
        foreach ($force as [$day, $interval]) {
            if (null !== $day && $day->isAfter($first)) {
                $path .= sprintf('H%sV%s', $x($day), $y($interval));
                $now = $interval;
            }
        }

        return [$path.'H'.$x($today), [...$levels, [$x($today), $y($now), $now]]];
    }

    /** "a third shut found". */
    public function found(OpeningRecord $opening, Scale $scale): string
    {
        return null === $opening->found
            ? (string) __('rhythm.mark.ungraded')
            : (string) __(
                $opening->symptom ? 'rhythm.mark.symptom' : 'rhythm.mark.found',
                ['grade' => mb_strtolower($scale->nearest($opening->found)->name)],
            );
    }

    /** ", left clear"; empty where it was not opened. */
    public function left(OpeningRecord $opening, Scale $scale): string
    {
        return $opening->symptom
            ? ''
            : (string) __('rhythm.mark.left', ['grade' => mb_strtolower($scale->nearest($opening->left)->name)]);
    }

    /** What the drawing says, in words. */
    public function inWords(string $name): string
    {
        return trans_choice('rhythm.chart', count($this->marks), ['name' => $name]);
    }
}
