<?php

declare(strict_types=1);

namespace GoodRinse\Core\Simulation;

/** A seeded source of chance: the same seed always throws the same numbers. */
final class Dice
{
    private readonly \Random\Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar($seed));
    }

    /** Evenly spread from 0 up to, but not including, 1. */
    public function uniform(): float
    {
        return $this->randomizer->getInt(0, (1 << 53) - 1) / (1 << 53);
    }

    /** A whole number between the two, both possible. */
    public function between(int $least, int $most): int
    {
        return $this->randomizer->getInt($least, $most);
    }

    /** Normal with mean 0 and variance 1 (Box–Muller). */
    public function normal(): float
    {
        return sqrt(-2 * log(1 - $this->uniform())) * cos(2 * M_PI * $this->uniform());
    }

    /** Lognormal around a median above 0; sigma is the spread of its logarithm. */
    public function lognormal(float $median, float $sigma): float
    {
        return $median * exp($sigma * $this->normal());
    }

    /** Events of a Poisson process with this mean, 0 to about 30 (Knuth). */
    public function poisson(float $mean): int
    {
        $limit = exp(-$mean);
        for ($count = 0, $product = $this->uniform(); $product > $limit; ++$count) {
            $product *= $this->uniform();
        }

        return $count;
    }
}
