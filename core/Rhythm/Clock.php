<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Logbook\Absences;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\Learning\Observation;

/** What a care task is measured by: days, loads, brews, litres or cooking hours, with all it has seen. */
final readonly class Clock
{
    public const DAYS = 'days';

    public float $start;

    /**
     * @param string $unit what is counted; "days" also fixes when the last opening was
     * @param float $start starting interval in uses, above 0; clipped into the bounds
     * @param float $least shortest interval allowed, 0 or more
     * @param float $most longest interval allowed, above 0
     * @param float $rate uses a day, 0 or more; 0 gives no date
     * @param float $elapsed uses since the last opening, 0 or more
     * @param list<Observation> $observations oldest first
     * @param Absences $absences days on which this clock stands still
     * @param bool $kept whether the start stands, whatever is found
     *
     * @throws InvalidClock when a number is outside its range or the bounds are crossed
     */
    public function __construct(
        public string $unit,
        float $start,
        public float $least,
        public float $most,
        public float $rate,
        public float $elapsed,
        public array $observations = [],
        public Absences $absences = new Absences(),
        public bool $kept = false,
    ) {
        if ($start <= 0) {
            throw InvalidClock::notPositive('The starting interval');
        }
        if ($least < 0 || $most <= 0) {
            throw InvalidClock::notPositive('An interval bound');
        }
        if ($least > $most) {
            throw InvalidClock::boundsCrossed();
        }
        if ($rate < 0) {
            throw InvalidClock::negative('A rate of use');
        }
        if ($elapsed < 0) {
            throw InvalidClock::negative('The uses since the last opening');
        }
        $this->start = min(max($start, $least), $most);
    }

    /** What was left in place at the last opening; nothing before the first. */
    public function left(): Fraction
    {
        $last = $this->observations[count($this->observations) - 1] ?? null;

        return $last->left ?? Fraction::none();
    }

    /** The clock with its first so many observations only. */
    public function upTo(int $observations): self
    {
        return new self(
            unit: $this->unit,
            start: $this->start,
            least: $this->least,
            most: $this->most,
            rate: $this->rate,
            elapsed: $this->elapsed,
            observations: array_slice($this->observations, 0, $observations),
            absences: $this->absences,
            kept: $this->kept,
        );
    }
}
