<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Care\Readers\HistoryReader;
use App\Models\Household;
use App\Models\Machine;
use App\Support\Scalar;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Measure\Point;
use GoodRinse\Core\Measure\Series;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\Projection\WeightLoss;

/** Gathers everything that was measured on a machine more than once, as series over time. */
final readonly class SeriesReader
{
    private const PERCENT = '%';

    public function __construct(
        private Handbook $handbook,
        private HistoryReader $histories,
        private MeasureReader $measures,
        private CupReader $cups,
        private GreaseReader $grease,
    ) {
    }

    /** @return array<string, Series> by id: instruments first, then what was found at each task */
    public function all(Machine $machine, Household $household, \DateTimeImmutable $now): array
    {
        $series = [
            $this->jets($machine),
            $this->cup($machine),
            $this->greased($machine, $household, $now),
            ...$this->numbers($machine),
            ...$this->found($machine, $household, $now),
        ];
        $named = [];
        foreach ($series as $each) {
            if ([] !== $each->points) {
                $named[$each->id] = $each;
            }
        }

        return $named;
    }

    private function jets(Machine $machine): Series
    {
        $points = [];
        foreach ($this->measures->maps($machine) as $map) {
            $blocked = JetMap::DRAWN === $map->payload->means ? null : $map->payload->blocked();
            if (null !== $blocked) {
                $points[] = new Point($map->at, 100 * (1 - $blocked->value));
            }
        }

        return new Series('jets', self::name('jets'), self::PERCENT, $points, true);
    }

    private function cup(Machine $machine): Series
    {
        [$tests] = $this->cups->tests($machine);

        return new Series('cup', self::name('cup'), 'ml', array_map(
            static fn (array $test): Point => new Point($test[0]->at, max(0.0, $test[1]->rate)),
            $tests,
        ), true);
    }

    private function greased(Machine $machine, Household $household, \DateTimeImmutable $now): Series
    {
        $points = [];
        $washes = $this->grease->isWeighed($machine) ? $this->grease->load($machine, $household->zone(), $now)->washes : [];
        foreach ($washes as [$at, , $rate]) {
            if (null !== $rate) {
                $points[] = new Point($at, $rate);
            }
        }

        return new Series('grease', self::name('grease'), 'g', $points);
    }

    /** @return list<Series> of every number that rounds ask for, weights apart */
    private function numbers(Machine $machine): array
    {
        $points = [];
        foreach ($this->measures->readings($machine) as $reading) {
            $number = $reading->payload->number;
            $isWeight = in_array($reading->payload->what, [WeightLoss::BEFORE, WeightLoss::AFTER], true);
            if (null !== $number && null === $reading->payload->of && !$isWeight) {
                $points[$reading->payload->what][] = new Point($reading->at, $number);
            }
        }
        $series = [];
        foreach ($points as $what => $each) {
            try {
                $rule = $this->handbook->measurement((string) $what);
                $series[] = new Series($rule->id, $rule->name, $rule->unit ?? '', $each);
            } catch (UnknownEntry) {
                continue; // the handbook has dropped it since
            }
        }

        return $series;
    }

    /** @return list<Series> */
    private function found(Machine $machine, Household $household, \DateTimeImmutable $now): array
    {
        [$history] = $this->histories->read($machine, $household->zone(), $now);
        $series = [];
        foreach ($machine->kindIn($this->handbook)->tasksFor($machine->traits) as $id => $task) {
            $looked = array_filter(
                $history->task($id)->openings,
                static fn (OpeningRecord $opening): bool => null !== $opening->found,
            );
            $series[] = new Series(
                "found-$id",
                Scalar::text(__('measures.series.found', ['task' => $task->name])),
                self::PERCENT,
                array_values(array_map(static fn (OpeningRecord $opening): Point => new Point(
                    self::noon($opening->day, $household->zone()),
                    100 * ($opening->found->value ?? 0.0),
                ), $looked)),
            );
        }

        return $series;
    }

    private static function noon(Day $day, \DateTimeZone $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable("$day 12:00", $zone);
    }

    private static function name(string $key): string
    {
        return Scalar::text(__("measures.series.$key"));
    }
}
