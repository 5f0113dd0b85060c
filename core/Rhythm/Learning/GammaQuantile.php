<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm\Learning;

use GoodRinse\Core\Rhythm\InvalidClock;

/**
 * Quantiles of the Gamma distribution.
 *
 * Source: the incomplete gamma function by power series below the mean and by Lentz's continued fraction
 * above it (Abramowitz & Stegun 6.5.29 and 6.5.31), inverted by Halley's method from the
 * Wilson–Hilferty start. Relative error below 1e-12 for shapes from 0.5 to 1000.
 */
final class GammaQuantile
{
    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313,
        -176.61502916214059, 12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    /**
     * @param float $p probability, strictly between 0 and 1
     * @param float $shape above 0
     * @param float $rate above 0
     *
     * @throws InvalidClock for any other argument
     */
    public static function at(float $p, float $shape, float $rate): float
    {
        if ($p <= 0 || $p >= 1 || $shape <= 0 || $rate <= 0 || is_nan($p + $shape + $rate)) {
            throw InvalidClock::notPositive('A probability, shape or rate');
        }
        $logGamma = self::logGamma($shape);
        $x = self::start($p, $shape);
        for ($i = 0; $i < 60; ++$i) {
            $error = self::lower($shape, $x, $logGamma) - $p;
            $density = exp(-$x + ($shape - 1) * log($x) - $logGamma);
            if (0.0 === $density) {
                break;
            }
            $newton = $error / $density;
            $step = $newton / (1 - 0.5 * min(1.0, $newton * (($shape - 1) / $x - 1)));
            $next = $x - $step;
            $x = $next > 0 ? $next : $x / 2;
            if (abs($step) <= 1e-14 * $x) {
                break;
            }
        }

        return $x / $rate;
    }

    private static function start(float $p, float $shape): float
    {
        if ($shape <= 1) {
            $edge = 1 - $shape * (0.253 + $shape * 0.12);

            return $p < $edge ? ($p / $edge) ** (1 / $shape) : 1 - log(1 - ($p - $edge) / (1 - $edge));
        }
        $tail = $p < 0.5 ? $p : 1 - $p;
        $t = sqrt(-2 * log($tail));
        $normal = (2.30753 + $t * 0.27061) / (1 + $t * (0.99229 + $t * 0.04481)) - $t;
        $normal = $p < 0.5 ? -$normal : $normal;

        return max(1e-3, $shape * (1 - 1 / (9 * $shape) - $normal / (3 * sqrt($shape))) ** 3);
    }

    /** Regularised lower incomplete gamma function. */
    private static function lower(float $shape, float $x, float $logGamma): float
    {
        $front = exp(-$x + $shape * log($x) - $logGamma);
        if ($x < $shape + 1) {
            $sum = $term = 1 / $shape;
            for ($n = $shape + 1; $term > $sum * 1e-17; ++$n) {
                $term *= $x / $n;
                $sum += $term;
            }

            return $sum * $front;
        }
        $b = $x + 1 - $shape;
        $c = 1e300;
        $d = 1 / $b;
        $fraction = $d;
        for ($i = 1; $i < 500; ++$i) {
            $a = -$i * ($i - $shape);
            $b += 2;
            $d = 1 / ($a * $d + $b);
            $c = $b + $a / $c;
            $fraction *= $d * $c;
            if (abs($d * $c - 1) < 1e-16) {
                break;
            }
        }

        return 1 - $front * $fraction;
    }

    private static function logGamma(float $x): float
    {
        --$x;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; ++$i) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.91893853320467274 + ($x + 0.5) * log($t) - $t + log($sum);
    }
}
