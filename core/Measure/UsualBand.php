<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

/** What is usual of one figure on one machine, from what it has shown so far. */
final readonly class UsualBand
{
    /** Figures that it takes before anything is usual. */
    private const LEAST = 4;
    private const LONGEST_RUN = 5;
    private const QUANTILES = [0.1, 0.9];

    /** Share of what is usual by which a single figure, or each of several, must lie beyond. */
    private const ONE_BEYOND = 0.15;
    private const MORE_BEYOND = 0.05;

    /**
     * @param float $low lower end of what is usual
     * @param float $usual the middle of it
     * @param float $high upper end
     * @param int $out how many of the newest figures are worse; 0 when the newest is not
     * @param float|null $times those as a multiple of what is usual; null when none is out or usual is nothing
     */
    private function __construct(public float $low, public float $usual, public float $high, public int $out, public ?float $times)
    {
    }

    /**
     * @param list<float> $figures the oldest first
     * @param bool $goodIsHigh whether more is better: only what is worse than usual lies outside
     *
     * @return self|null null where there are too few
     */
    public static function of(array $figures, bool $goodIsHigh = false): ?self
    {
        $count = count($figures);
        for ($run = min(self::LONGEST_RUN, $count - self::LEAST); $run >= 1; --$run) {
            $band = self::band(array_slice($figures, 0, $count - $run));
            $newest = array_slice($figures, -$run);
            if (null !== $band && [] !== $newest && $band->isWorse($newest, $goodIsHigh)) {
                $usual = $band->usual;

                return new self($band->low, $usual, $band->high, $run, $usual > 0 ? Quantile::of($newest, 0.5) / $usual : null);
            }
        }

        return self::band($figures);
    }

    /** @param list<float> $figures */
    private static function band(array $figures): ?self
    {
        if (count($figures) < self::LEAST) {
            return null;
        }
        [$low, $high] = array_map(static fn (float $p): float => Quantile::of($figures, $p), self::QUANTILES);

        return new self($low, Quantile::of($figures, 0.5), $high, 0, null);
    }

    /**
     * Whether all lie beyond it on the bad side: one figure clearly, several by a little, since one in ten lies outside by chance.
     *
     * @param list<float> $figures
     */
    private function isWorse(array $figures, bool $goodIsHigh): bool
    {
        $slack = max((1 === count($figures) ? self::ONE_BEYOND : self::MORE_BEYOND) * abs($this->usual), 1e-9);

        return [] !== $figures && ($goodIsHigh ? max($figures) < $this->low - $slack : min($figures) > $this->high + $slack);
    }
}
