<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** A share of a whole, 0 to 1: how much of a mesh is blocked, how many jets of an arm are shut. */
final readonly class Fraction
{
    private function __construct(public float $value)
    {
    }

    /**
     * @param float $value 0 to 1
     *
     * @throws QuantityOutOfRange outside 0 to 1, or not a number
     */
    public static function of(float $value): self
    {
        if ($value < 0.0 || $value > 1.0 || is_nan($value)) {
            throw QuantityOutOfRange::fraction($value);
        }

        return new self($value);
    }

    public static function none(): self
    {
        return new self(0.0);
    }

    /** The nearest whole percentage, 0 to 100. */
    public function percent(): int
    {
        return (int) round($this->value * 100);
    }
}
