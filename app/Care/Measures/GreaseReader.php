<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Care\Readers\HistoryReader;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Measure\GreaseLoad;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Round\Projection\WeightLoss;
use GoodRinse\Core\Usage\UseTimeline;

/** What weighing has shown of the grease on a machine's filters. */
final readonly class GreaseReader
{
    public function __construct(private Handbook $handbook, private MeasureReader $measures, private HistoryReader $histories)
    {
    }

    /** Whether filters of its kind are weighed. */
    public function isWeighed(Machine $machine): bool
    {
        return isset($machine->kindIn($this->handbook)->tasks()[$this->handbook->measureModel()->weighedTask]);
    }

    public function load(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $now): GreaseLoad
    {
        $weights = array_map(static fn (MeasuredEntry $entry): array => [
            $entry->at,
            (float) $entry->payload->number,
            WeightLoss::AFTER === $entry->payload->what,
        ], $this->measures->readings($machine, [WeightLoss::BEFORE, WeightLoss::AFTER]));
        $days = new LocalDays($zone);
        $use = [] === $weights ? null : $this->histories->use($machine, $zone, $now);

        return GreaseLoad::of(
            $weights,
            static fn (\DateTimeImmutable $from, \DateTimeImmutable $to): float => self::hours($use, $days, $from, $to),
        );
    }

    private static function hours(?UseTimeline $use, LocalDays $days, \DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return null === $use || $from >= $to
            ? 0.0
            : $use->counted($days->of($from), $days->of($to)) + $use->estimated($days->of($from), $days->of($to));
    }
}
