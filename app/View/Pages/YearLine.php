<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Drawing\YearChart;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Rhythm\Workings;

/** One task in the rhythm place. */
final readonly class YearLine
{
    /**
     * @param Workings            $deciding of the clock that decides
     * @param list<OpeningRecord> $openings oldest first
     * @param string              $start    how the first interval came about
     */
    public function __construct(public TaskLine $line, public YearChart $chart, public Workings $deciding, public array $openings, public string $start)
    {
    }

    /**
     * Openings of the last year, the newest first, each with the interval in force after it.
     *
     * @return list<array{OpeningRecord, float|null}>
     */
    public function table(): array
    {
        $after = [];
        foreach ($this->deciding->steps as [$opening, $step]) {
            $after[$opening->entry] = $step->after;
        }
        $since = $this->line->today->plus(-366);
        $lastYear = array_filter($this->openings, static fn (OpeningRecord $opening): bool => $opening->day->isAfter($since));

        return array_map(static fn (OpeningRecord $opening): array => [$opening, $after[$opening->entry] ?? null], array_reverse(array_values($lastYear)));
    }
}
