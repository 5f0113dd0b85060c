<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Simulation\Dice;

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
            $mote = [
                'x' => round(24 + ($dice->uniform() - 0.5) * 20, 1),
                'y' => round($y, 1),
                'r' => round(0.7 + 0.9 * $dice->uniform(), 1),
            ];
            if ($i < 16 * $this->cloud && $this->silt > self::SURFACE + 5) {
                $motes[] = $mote;
            }
        }
        $this->motes = $motes;
    }

    /** The glass as SVG; with $unknown a glass nobody has looked into. */
    public function svg(int $size, bool $unknown = false): string
    {
        $tumbler = 'M8 5 L12.4 53 Q12.5 54.5 14 54.5 H34 Q35.5 54.5 35.6 53 L40 5';
        $start = sprintf('<svg class="glass glass--%d" viewBox="0 0 48 58" aria-hidden="true" focusable="false">', $size);
        if ($unknown) {
            return $start.sprintf(
                '<path class="ink-line" stroke-dasharray="4 4.5" d="%s"/><text class="in-ink" x="24" y="38" text-anchor="middle" '
                    .'font-size="22" font-weight="700">?</text></svg>',
                $tumbler,
            );
        }
        $motes = '';
        foreach ($this->motes as $mote) {
            $motes .= sprintf('<circle class="in-silt-3" cx="%s" cy="%s" r="%s"/>', $mote['x'], $mote['y'], $mote['r']);
        }

        return $start
            .'<g clip-path="url(#glass-in)"><rect class="in-thin-water" x="6" y="13" width="36" height="42"/>'
            .sprintf('<rect class="in-silt-1" x="6" y="13" width="36" height="42" opacity="%s"/>', round(0.72 * $this->cloud, 2))
            .sprintf(
                '<path class="in-silt-2" d="%s"/><path class="in-silt-3" d="%s"/>',
                $this->layer($this->silt),
                $this->layer($this->sludge),
            )
            .$motes.'<path class="rim-line w-thin" d="M8 13 H40" opacity="0.55"/></g>'
            .sprintf('<path class="ink-line" d="%s"/><path class="copper-line" d="M4 27 H14.5"/></svg>', $tumbler);
    }

    /** Path of a layer from its wavy top down to the floor of the glass. */
    public function layer(float $top): string
    {
        $top = round($top, 1);

        return sprintf('M6 %1$s q6 -2.4 12 0 t12 0 t12 0 V%2$s H6Z', $top, self::FLOOR);
    }
}
