<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

/** A cup test that was made before. */
final readonly class EarlierCup
{
    /**
     * @param string $day when, in words
     * @param string $rate with its unit
     * @param string $verdict in words
     * @param float $share of the best rate ever here, 0 to 1, for the strip
     */
    public function __construct(
        public string $day,
        public string $rate,
        public string $verdict,
        public float $share,
        public bool $clean,
    ) {
    }
}
