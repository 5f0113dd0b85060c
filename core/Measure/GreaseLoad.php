<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

/** Grease that a filter gathers, from weighing it: what it weighs clean, what it gained, and over how many cooking hours. */
final readonly class GreaseLoad
{
    /** Newest washes that tell how fast it gathers now; twice as many tell how that goes up and down. */
    private const LATELY = 3;

    /**
     * @param float|null $tare grams when it is clean and dry; null when nobody weighed it so
     * @param list<array{\DateTimeImmutable, float, float|null}> $washes when, grams that were on it, and grams an hour of
     *     cooking; the oldest first
     * @param float|null $perHour grams an hour, the middle of the newest washes; null without one
     * @param array{float, float}|null $band within which most washes lie
     * @param float|null $now grams on it when it was weighed last since the last wash; null when it was not
     */
    private function __construct(
        public ?float $tare,
        public array $washes,
        public ?float $perHour,
        public ?array $band,
        public ?float $now,
    ) {
    }

    /**
     * @param list<array{\DateTimeImmutable, float, bool}> $weights when, grams, and whether it was washed and dry; the
     *     oldest first
     * @param \Closure(\DateTimeImmutable, \DateTimeImmutable): float $hours cooking hours between two times
     */
    public static function of(array $weights, \Closure $hours): self
    {
        $tare = $washed = $before = null;
        $washes = $rates = [];
        foreach ($weights as [$at, $grams, $clean]) {
            if (!$clean) {
                $before = $grams;
                continue;
            }
            if (null !== $before) {
                // What it weighed clean before this time in use is what it gained on; the first time, what washed out.
                $gained = max(0.0, $before - ($tare ?? $grams));
                $over = null === $washed ? 0.0 : $hours($washed, $at);
                $rate = $over > 0 ? $gained / $over : null;
                $washes[] = [$at, $gained, $rate];
                if (null !== $rate) {
                    $rates[] = $rate;
                }
            }
            [$tare, $washed, $before] = [$grams, $at, null];
        }

        $lately = array_slice($rates, -self::LATELY);
        $around = array_slice($rates, -2 * self::LATELY);

        return new self(
            $tare,
            $washes,
            [] === $lately ? null : Quantile::of($lately, 0.5),
            [] === $around ? null : [Quantile::of($around, 0.1), Quantile::of($around, 0.9)],
            null === $before || null === $tare ? null : max(0.0, $before - $tare),
        );
    }

    /**
     * Cooking hours until it drips, from clean; null while nobody knows how fast it gathers.
     *
     * @param float $dripsAt grams
     *
     * @return array{float, float, float}|null fewest, middle, most
     */
    public function hoursToDrip(float $dripsAt): ?array
    {
        return null === $this->perHour || $this->perHour <= 0 || null === $this->band
            ? null
            : [
                $dripsAt / $this->band[1],
                $dripsAt / $this->perHour,
                $this->band[0] > 0 ? $dripsAt / $this->band[0] : $dripsAt / $this->perHour,
            ];
    }
}
