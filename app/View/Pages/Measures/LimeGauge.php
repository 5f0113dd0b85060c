<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

/** Water heated since the last descaling on a level scale, with the limit and what is usual. */
final readonly class LimeGauge
{
    private const WIDTH = 600;

    /**
     * @param float $litres heated since
     * @param float $limit litres from one descaling to the next
     * @param array{float, float} $usual litres of the brews that are usual
     * @param string $words the same as a sentence
     */
    public function __construct(public float $litres, public float $limit, public array $usual, public string $words)
    {
    }

    /** Where so many litres lie on the scale, in units of the drawing. */
    public function at(float $litres): float
    {
        $most = 1.15 * max($this->litres, $this->limit, $this->usual[1], 1.0);

        return round(min(1.0, max(0.0, $litres / $most)) * self::WIDTH, 1);
    }
}
