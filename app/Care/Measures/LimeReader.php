<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Care\CoreInputs;
use App\Care\Readers\HistoryReader;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Measure\LimeShare;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Hardness;
use Psr\Clock\ClockInterface;

/** What ran out at each descaling of a machine has taught of the lime it keeps. */
final readonly class LimeReader
{
    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private CoreInputs $inputs,
        private HistoryReader $histories,
        private MeasureReader $measures,
        private BrewReader $brews,
    ) {
    }

    public function share(Machine $machine, Household $household): LimeShare
    {
        $model = $this->handbook->measureModel();
        $ran = $this->brews->isTimed($machine) ? $this->measures->readings($machine, [$model->ranMeasurement]) : [];
        if ([] === $ran) {
            return LimeShare::learn([], 1.0, $model);
        }
        [$history] = $this->histories->read($machine, $household->zone(), $this->clock->now(), only: $model->timed['task']);
        $openings = $history->task($model->timed['task'])->openings;
        $descaling = new Descaling($this->handbook->doseModel());
        $water = $this->water($household);
        $perUse = (float) $machine->kindIn($this->handbook)->litresPerUse($machine->traits);

        return LimeShare::learn(array_map(static fn (MeasuredEntry $each): array => [
            $each->payload->picks[0] ?? '',
            $descaling->scaleGrams($water, $perUse * self::usesBefore($openings, Day::at($each->at, $household->zone()))),
        ], $ran), $descaling->scaleGrams($water, $descaling->litreLimit($water)), $model);
    }

    /** The household's water, or what is assumed of water that nobody has measured. */
    public function water(Household $household): Hardness
    {
        return $this->inputs->hardness($household) ?? Hardness::mgPerLitre($this->handbook->doseModel()->brewLimit['hardness']);
    }

    /** @param list<OpeningRecord> $openings uses that had run when it was descaled last before that day's end */
    private static function usesBefore(array $openings, Day $day): float
    {
        $uses = 0.0;
        foreach ($openings as $opening) {
            $uses = $opening->day->isAfter($day) ? $uses : $opening->uses;
        }

        return $uses;
    }
}
