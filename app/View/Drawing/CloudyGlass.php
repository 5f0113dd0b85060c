<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Lab\Dice;

/**
 * The product's sign for how far a part has come: a tumbler that clouds and silts up. At wear 1 the silt
 * stands at the copper tick.
 */
final readonly class CloudyGlass
{
    private const FLOOR = 54.0;
    private const SURFACE = 13.0;
    private const TICK = 27.0;

    /** @var list<array{x: float, y: float, r: float}> motes in the water */
    public array $motes;

    /** y of the top of the upper silt */
    public float $silt;

    /** y of the top of the lower, darker silt */
    public float $sludge;

    /** how cloudy the water is, 0 to 1 */
    public float $cloud;

    /** @param float $wear 0 and up; 1 is the clean-by line */
    public function __construct(public float $wear)
    {
        $height = (self::FLOOR - self::TICK) * min($wear, 1.45);
        $this->silt = self::FLOOR - $height;
        $this->sludge = self::FLOOR - $height * 0.45;
        $this->cloud = round(min(1.0, $wear / 1.25), 2);
        $dice = new Dice(7);
        $motes = [];
        for ($i = 0; $i < 16; ++$i) {
            $y = self::SURFACE + 3 + ($this->silt - self::SURFACE - 4) * $dice->uniform();
            $mote = ['x' => round(24 + ($dice->uniform() - 0.5) * 20, 1), 'y' => round($y, 1), 'r' => round(0.7 + 0.9 * $dice->uniform(), 1)];
            if ($i < 16 * $this->cloud && $this->silt > self::SURFACE + 5) {
                $motes[] = $mote;
            }
        }
        $this->motes = $motes;
    }

    /** Path of a layer from its wavy top down to the floor of the glass. */
    public function layer(float $top): string
    {
        $top = round($top, 1);

        return sprintf('M6 %1$s q6 -2.4 12 0 t12 0 t12 0 V%2$s H6Z', $top, self::FLOOR);
    }
}
