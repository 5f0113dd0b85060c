<?php

declare(strict_types=1);

namespace App\Actions\Measures;

use App\Care\Measures\GreaseReader;
use App\Care\Measures\MeasureReader;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Measure\OddWeight;
use GoodRinse\Core\Measure\WeightCheck;
use GoodRinse\Core\Round\Projection\WeightLoss;
use Psr\Clock\ClockInterface;

/** Writes down what the filters weigh, after asking about what is odd. */
final readonly class RecordWeight
{
    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private GreaseReader $grease,
        private MeasureReader $measures,
        private RecordMeasurement $record,
    ) {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param bool $isClean whether they were washed and are dry
     * @param bool $isSure whether the person has looked again
     *
     * @throws OddWeight for a weight that is odd, as a question
     */
    public function handle(Machine $machine, User $by, string $id, float $grams, bool $isClean, bool $isSure): void
    {
        if (!$isSure) {
            $this->ask($machine, $by, $grams, $isClean);
        }
        $this->record->handle(
            $machine,
            $by,
            $id,
            new Measurement($isClean ? WeightLoss::AFTER : WeightLoss::BEFORE, $grams),
            $machine->kindIn($this->handbook)->task($this->handbook->measureModel()->weighedTask)->part,
        );
    }

    private function ask(Machine $machine, User $by, float $grams, bool $isClean): void
    {
        $model = $this->handbook->measureModel()->grease;
        $weights = $this->measures->readings($machine, [WeightLoss::BEFORE, WeightLoss::AFTER]);
        $last = $weights[count($weights) - 1] ?? null;
        if ($isClean && WeightLoss::BEFORE === $last?->payload->what) {
            WeightCheck::ensureLighter((float) $last->payload->number, $grams, $model['wet']);
        }
        $tare = $this->grease->load($machine, $by->home()->zone(), $this->clock->now())->tare;
        if (null !== $tare) {
            WeightCheck::ensureLikely($tare, $grams, $isClean, $model['tare']);
        }
    }
}
