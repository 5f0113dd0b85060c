<?php

declare(strict_types=1);

namespace App\Console\Calc;

use App\View\Words\ReasonWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\ClockState;
use GoodRinse\Core\Rhythm\InvalidClock;
use GoodRinse\Core\Rhythm\Learning\Observation;
use GoodRinse\Core\Rhythm\Reason;
use GoodRinse\Core\Rhythm\RhythmEngine;

/** When a care task is due: `calc rhythm`. */
final readonly class RhythmModel implements Model
{
    public function __construct(private Handbook $handbook, private ReasonWords $words)
    {
    }

    public function calculate(Json $input): array
    {
        $in = $input->object(['asOf', 'clocks']);
        $asOf = $in['asOf']->day();
        $clocks = array_map($this->clock(...), $in['clocks']->list(1));
        $rhythm = (new RhythmEngine($this->handbook->rhythmModel()))->assess($clocks, $asOf);

        return [
            'clocks' => array_map(static fn (ClockState $reading): array => [
                'unit' => $reading->clock->unit,
                'interval' => $reading->learned->interval,
                'earliest' => $reading->learned->earliest,
                'latest' => $reading->learned->latest,
                'wear' => $reading->wear,
            ], $rhythm->clocks),
            'wear' => $rhythm->wear,
            'state' => $rhythm->state->value,
            'blockedNow' => $rhythm->blockedNow->value,
            'dueOn' => null === $rhythm->dueOn ? null : (string) $rhythm->dueOn,
            'reasons' => array_map(fn (Reason $reason): string => $this->words->sentence($reason), $rhythm->reasons),
        ];
    }

    private function clock(Json $place): Clock
    {
        $in = $place->object(['unit', 'n0', 'min', 'max', 'rate', 'elapsed', 'observations']);
        try {
            return new Clock(
                $this->unit($in['unit']),
                $in['n0']->positive(),
                $in['min']->number(0),
                $in['max']->positive(),
                $in['rate']->number(0),
                $in['elapsed']->number(0),
                array_map($this->observation(...), $in['observations']->list()),
            );
        } catch (InvalidClock $e) {
            throw $place->bad($e->getMessage());
        }
    }

    private function unit(Json $place): string
    {
        $unit = $place->text();

        return 1 === preg_match('/^[A-Za-z][A-Za-z-]{0,31}$/D', $unit)
            ? $unit
            : throw $place->bad('must be a word such as days, loads, brews, litres or hours');
    }

    private function observation(Json $place): Observation
    {
        $in = $place->object(['uses', 'found', 'left']);

        return new Observation($in['uses']->number(0), $in['found']->fraction(), $in['left']->fraction());
    }
}
