<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/**
 * What a person writes a number in, where it is kept in another unit: millilitres, grams and litres are fluid ounces,
 * ounces and gallons in a household of cups and spoons; every other unit is its own.
 *
 * US customary sizes: fluid ounce 29.574 ml, avoirdupois ounce 28.3495 g, gallon 3.78541 litres.
 */
final readonly class FieldUnit
{
    private const UNITED_STATES = ['ml' => ['fl oz', 29.574], 'g' => ['oz', 28.3495], 'litres' => ['gallons', 3.78541]];

    private function __construct(public string $name, private float $size)
    {
    }

    /** @param string|null $unit that it is kept in */
    public static function of(?string $unit, Measures $measures): self
    {
        [$name, $size] = Measures::UnitedStates === $measures ? self::UNITED_STATES[$unit] ?? [$unit ?? '', 1.0] : [$unit ?? '', 1.0];

        return new self($name, $size);
    }

    /** Whether it is written in what it is kept in. */
    public function isKept(): bool
    {
        return 1.0 === $this->size;
    }

    /** @param float $kept in the unit it is kept in; as it is written, to a tenth where that is another unit */
    public function written(float $kept): float
    {
        return $this->isKept() ? $kept : round($kept / $this->size, 1);
    }

    /** @param float $written as a person wrote it; in the unit it is kept in, whole where that is another one */
    public function kept(float $written): float
    {
        return $this->isKept() ? $written : round($written * $this->size);
    }

    /** What may be written; nothing in it is out of range once it is kept. */
    public function range(NumberRange $kept): NumberRange
    {
        return $this->isKept()
            ? $kept
            : new NumberRange(ceil($kept->least / $this->size * 10) / 10, floor($kept->most / $this->size * 10) / 10);
    }
}
