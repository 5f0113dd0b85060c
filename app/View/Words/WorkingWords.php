<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Care\TaskCare;
use GoodRinse\Core\Handbook\Care\RhythmModel;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Learning\LearningStep;
use GoodRinse\Core\Rhythm\Learning\Limit;
use GoodRinse\Core\Rhythm\Workings;

/** Writes the arithmetic of a clock out, with every number that was used. */
final readonly class WorkingWords
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * What each opening did.
     *
     * @return list<array{opening: OpeningRecord, day: string, found: string, sum: string, after: string}> oldest first
     */
    public function steps(Workings $workings, RhythmModel $model, Day $today, string $scale): array
    {
        $unit = $workings->reading->clock->unit;

        return array_map(fn (array $each): array => [
            'opening' => $each[0],
            'day' => Dates::day($each[0]->day, $today),
            'found' => (string) __($each[0]->symptom ? 'rhythm.step_symptom' : 'rhythm.step_found', [
                'grade' => mb_strtolower($this->handbook->scales()->scale($scale)->nearest($each[1]->observation->found)->name),
                'percent' => $each[1]->observation->found->percent(),
                'uses' => Uses::counted($each[1]->observation->uses, $unit),
                'foulings' => self::n($each[1]->foulings + ($each[1]->foulings > 0 ? $each[1]->left : 0.0)),
                'left' => self::n($each[1]->left),
                'added' => self::n($each[1]->foulings),
            ]).($each[1]->observation->measured ? (string) __('rhythm.step_measured', ['weight' => self::n($model->measuredWeight)]) : ''),
            'sum' => (string) __(
                'rhythm.step_sum',
                ['beta' => self::n($each[1]->beta), 'alpha' => self::n($each[1]->alpha), 'evidence' => self::n($each[1]->evidence)],
            ),
            'after' => Uses::interval($each[1]->after, $unit).self::limit($each[1]),
        ], $workings->steps);
    }

    /**
     * From the interval in force to the day.
     *
     * @return list<array{string, string}> what, and how it is computed
     */
    public function sums(Workings $workings, MachineHistory $history, TaskCare $task, Day $today): array
    {
        $reading = $workings->reading;
        [$clock, $learned] = [$reading->clock, $reading->learned];
        $last = $history->task($task->task()->id)->last();
        $values = [
            'start' => Uses::counted($clock->start, $clock->unit),
            'least' => Uses::number($clock->least),
            'most' => Uses::counted($clock->most, $clock->unit),
            'interval' => Uses::interval($learned->interval, $clock->unit),
            'alpha' => self::n($learned->alpha),
            'beta' => self::n($learned->beta),
            'weight' => self::n(
                $learned->lastStep->startWeighs ?? 1.0,
            ),
            'earliest' => Uses::intervalAmount($learned->earliest, $clock->unit),
            'latest' => Uses::interval($learned->latest, $clock->unit),
            'low' => (string) (100 * $workings->quantiles[0]), 'high' => (string) (100 * $workings->quantiles[1]),
            'elapsed' => Uses::counted($clock->elapsed, $clock->unit), 'since' => null === $last
                ? (string) __('rhythm.since_known')
                : (string) __('rhythm.since', ['day' => Dates::day($last->day, $today)]),
            'left' => self::n($workings->left),
            'ran' => self::n($clock->elapsed),
            'n' => self::n($learned->interval),
            'wear' => self::n($reading->wear),
            'rate' => self::n($clock->rate), 'perday' => Uses::counted($clock->rate, $clock->unit), 'days' => self::n(
                (float) $reading->daysLeft(),
            ),
            'day' => null === $workings->dueOn ? '' : Dates::day($workings->dueOn),
            'away' => (string) $clock->absences->days($last->day ?? $today, $today),
        ];
        $sums = [
            'bounds' => 'rhythm.sum_bounds',
            'interval' => 'rhythm.sum_interval',
            'window' => 'rhythm.sum_window',
            'wear' => 'rhythm.sum_wear',
        ];
        if (Clock::DAYS !== $clock->unit) {
            $sums['rate'] = $history->measured ? 'rhythm.sum_rate_counted' : 'rhythm.sum_rate_said';
        }
        if ('0' !== $values['away']) {
            $sums['away'] = 'rhythm.sum_away';
        }
        $sums['due'] = match (true) {
            null === $workings->dueOn => 'rhythm.sum_due_none',
            $reading->wear >= 1 => 'rhythm.sum_due_past',
            default => 'rhythm.sum_due',
        };

        return array_map(
            static fn (string $what, string $key): array => [(string) __("rhythm.what.$what"), (string) __($key, $values)],
            array_keys($sums),
            array_values($sums),
        );
    }

    private static function limit(LearningStep $step): string
    {
        return Limit::None === $step->limit ? '' : (string) __("reasons.limit.{$step->limit->value}");
    }

    private static function n(float $number): string
    {
        return Numbers::upTo($number, 2);
    }
}
