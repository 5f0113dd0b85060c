<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** How hard water is, held in mg/L of calcium carbonate; 0 or more. */
final readonly class Hardness
{
    private function __construct(public float $mgPerLitre)
    {
    }

    /**
     * @param float $value 0 or more
     *
     * @throws QuantityOutOfRange when negative or not finite
     */
    public static function mgPerLitre(float $value): self
    {
        if (!is_finite($value)) {
            throw QuantityOutOfRange::notFinite('A hardness');
        }

        return $value < 0 ? throw QuantityOutOfRange::negative('A hardness', $value) : new self($value);
    }

    /**
     * @param float $mgPerUnit mg/L of calcium carbonate in one of the unit
     *
     * @throws QuantityOutOfRange when negative or not finite
     */
    public static function in(float $value, float $mgPerUnit): self
    {
        return self::mgPerLitre($value * $mgPerUnit);
    }
}
