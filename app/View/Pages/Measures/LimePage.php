<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Care\CoreInputs;
use App\Care\Measures\BrewReader;
use App\Care\Measures\LimeReader;
use App\Care\Measures\MeasuredEntry;
use App\Care\Measures\MeasureReader;
use App\Care\Readers\HistoryReader;
use App\Models\Household;
use App\Models\Machine;
use App\Support\RefusalWords;
use App\View\Words\Dates;
use App\View\Words\LimeWords;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Dose\NoCapacity;
use GoodRinse\Core\Handbook\Chemistry\Agent;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Water, lime and time of a machine that heats water: how much lime there is, what acid does about it, how long a pot takes. */
final readonly class LimePage
{
    /** Millilitres of vinegar, or grams of an acid, that are tried first for each litre the tank holds. */
    private const DOSES = ['white-vinegar' => 500.0, 'coloured-vinegar' => 500.0, 'citric-acid' => 50.0];
    private const TIMES = 12;

    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private CoreInputs $inputs,
        private HistoryReader $histories,
        private BrewReader $brews,
        private LimeReader $lime,
        private MeasureReader $measures,
        private LimeWords $words,
    ) {
    }

    /**
     * @param string|null $agent acid that is tried
     * @param float|null $amount of it, in ml or g
     */
    public function for(Machine $machine, Household $household, ?string $agent, ?float $amount): LimeData
    {
        $now = $this->clock->now();
        $kind = $machine->kindIn($this->handbook);
        $descaling = new Descaling($this->handbook->doseModel());
        $hardness = $this->inputs->hardness($household);
        $water = $this->lime->water($household);
        $perUse = (float) $kind->litresPerUse($machine->traits);
        $task = $this->handbook->measureModel()->timed['task'];
        [$history] = $this->histories->read($machine, $household->zone(), $now, only: $task);
        $litres = $perUse * $history->task($task)->usesSince;
        $share = $this->lime->share($machine, $household);
        $time = $this->brews->potTime($machine);
        $grams = $share->factor * $descaling->scaleGrams($water, $litres);
        $acids = $this->acids($household);
        $agent = null !== $agent && isset($acids[$agent]) ? $agent : (string) array_key_first($acids);
        $amount ??= (self::DOSES[$agent] ?? 50.0) * $this->tank($machine);
        $usual = $descaling->usualBrews();
        [$said, $cannot] = $this->acid($descaling, $agent, $amount, $household, $machine, $grams, $time->slowedBy);
        $today = Day::at($now, $household->zone());
        $range = $this->handbook->measureModel()->times;

        return new LimeData(
            $household,
            $machine,
            $kind->useName,
            $this->words->head($grams, $time, $this->handbook->doseModel()->stand['slowedBy'], $history->task($task)->isEmpty()),
            $this->words->sums(
                $water,
                null === $hardness,
                $litres,
                $grams,
                $share,
                $descaling->litreLimit($water),
                $kind->useUnit,
                $perUse,
            ),
            new LimeGauge(
                $litres,
                $descaling->litreLimit($water),
                [$usual[0] * $perUse, $usual[1] * $perUse],
                $this->words->gauge($litres, $descaling->litreLimit($water), $usual, $kind->useUnit),
            ),
            array_values($acids),
            $agent,
            $this->words->amount($agent, $amount),
            $this->words->amountUnit($agent),
            $said,
            $cannot,
            $this->words->time($time, $this->handbook->doseModel()->stand['slowedBy'], $kind->useName),
            array_map(
                fn (MeasuredEntry $each): array => [
                    Dates::day(Day::at($each->at, $household->zone()), $today),
                    $this->words->minutes((float) $each->payload->number),
                ],
                array_reverse(array_slice(
                    $this->measures->readings($machine, [$this->handbook->measureModel()->timed['measurement']]),
                    -self::TIMES,
                )),
            ),
            $this->words->share($share),
            $range->least,
            $range->most,
        );
    }

    /** @return array<string, Agent> acids whose strength is known, by id */
    private function acids(Household $household): array
    {
        $acids = [];
        foreach ($this->handbook->doseModel()->acids as $acid) {
            foreach ($acid['agents'] as $id) {
                $acids[$id] = $this->handbook->agent($id);
            }
        }

        return $acids;
    }

    /** Litres its tank holds; one where nobody knows. */
    private function tank(Machine $machine): float
    {
        $kind = $machine->kindIn($this->handbook);
        foreach ($kind->vessels as $vessel) {
            $trait = $kind->traits()[$vessel->holds ?? ''] ?? null;
            if (null !== $trait) {
                return (float) $trait->describe($machine->traits) / 1000;
            }
        }

        return 1.0;
    }

    /** @return array{list<string>, string|null} what so much acid does, or why nothing can be said */
    private function acid(
        Descaling $descaling,
        string $agent,
        float $amount,
        Household $household,
        Machine $machine,
        float $grams,
        float $slowedBy,
    ): array {
        try {
            $tank = $this->tank($machine);
            $isVinegar = in_array($agent, $this->handbook->doseModel()->vinegars(), true);
            $capacity = $isVinegar
                ? $descaling->capacityOfVolume($agent, min($amount, 1000 * $tank), $household->vinegar_strength)
                : $descaling->capacityOfGrams($agent, $amount);
            if ($capacity <= 0) {
                return [[], $this->words->tooLittle()];
            }

            return [$this->words->acid(
                $capacity,
                $descaling->passes($grams, $capacity),
                $descaling->stand($grams, $slowedBy)->value,
                $descaling->rinses(1000 * $tank, 1000 * $tank),
                $grams,
            ), null];
        } catch (NoCapacity $e) {
            return [[], RefusalWords::of($e)];
        }
    }
}
