<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Quantity\PortionUnit;

/** A bottle, a box or a carton with what is left in it. */
final readonly class Container
{
    /** Outline, and the upper and lower edge of what it holds, by what it is counted in. */
    private const SHAPES = [
        'ml' => ['M20 4 H28 V16 Q38 20 38 30 V64 Q38 68 34 68 H14 Q10 68 10 64 V30 Q10 20 20 16Z', 22.0, 68.0],
        'g' => ['M8 8 H40 V14 H8Z M10 14 H38 V66 Q38 68 36 68 H12 Q10 68 10 66Z', 16.0, 68.0],
        'pieces' => ['M8 22 L14 12 H42 L36 22Z M8 22 H36 V68 H8Z M36 22 L42 12 V58 L36 68Z', 24.0, 68.0],
    ];

    /** @param float|null $share of a full one, 0 to 1; null where nobody knows */
    public function __construct(private PortionUnit $unit, private ?float $share)
    {
    }

    /** @param string $clip id for its outline, of which a page has one only */
    public function svg(string $clip): string
    {
        [$outline, $top, $bottom] = self::SHAPES[$this->unit->value];
        if (null === $this->share) {
            return $this->framed(sprintf(
                '<path class="ink-line" stroke-dasharray="4 4.5" d="%s"/><text class="in-ink" x="24" y="52" text-anchor="middle" '
                    .'font-size="22" font-weight="700">?</text>',
                $outline,
            ));
        }

        return $this->framed(sprintf(
            '<clipPath id="%s"><path d="%s"/></clipPath><rect class="container-fill" clip-path="url(#%1$s)" x="0" y="%.1f" '
                .'width="48" height="72"/><path class="ink-line" d="%2$s"/>',
            $clip,
            $outline,
            $bottom - max(0.0, min(1.0, $this->share)) * ($bottom - $top),
        ));
    }

    private function framed(string $inside): string
    {
        return sprintf(
            '<svg class="supply__container" viewBox="0 0 48 72" data-top="%.0f" data-bottom="%.0f" aria-hidden="true" focusable="false">'
                .'%s</svg>',
            self::SHAPES[$this->unit->value][1],
            self::SHAPES[$this->unit->value][2],
            $inside,
        );
    }
}
