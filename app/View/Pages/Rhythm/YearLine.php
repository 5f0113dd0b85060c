<?php

declare(strict_types=1);

namespace App\View\Pages\Rhythm;

use App\View\Drawing\YearChart;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\Workings;

/** A year of one task in the rhythm place; small enough to keep. */
final readonly class YearLine
{
    private const DAYS = 366;

    /**
     * @param string $unit of the clock that decides
     * @param float $interval in force
     * @param int $taught openings it was learned from
     * @param list<array{OpeningRecord, float|null}> $table openings of the last year, the newest first, each with the
     *     interval in force after it
     */
    private function __construct(
        public YearChart $chart,
        public string $unit,
        public float $interval,
        public int $taught,
        public array $table,
    ) {
    }

    /** @param list<OpeningRecord> $openings oldest first */
    public static function of(Workings $deciding, array $openings, Rhythm $rhythm, Day $today): self
    {
        $after = [];
        foreach ($deciding->steps as [$opening, $step]) {
            $after[$opening->entry] = $step->after;
        }
        $since = $today->plus(-self::DAYS);
        $lastYear = array_filter($openings, static fn (OpeningRecord $opening): bool => $opening->day->isAfter($since));
        $table = array_map(
            static fn (OpeningRecord $opening): array => [$opening, $after[$opening->entry] ?? null],
            array_reverse(array_values($lastYear)),
        );

        return new self(
            YearChart::of($openings, $deciding, $rhythm, $today),
            $deciding->reading->clock->unit,
            $deciding->reading->learned->interval,
            count($deciding->steps),
            $table,
        );
    }
}
