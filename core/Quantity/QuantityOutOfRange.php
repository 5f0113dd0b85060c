<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

use GoodRinse\Core\CoreException;

/** A number that no quantity of its kind can have. */
final class QuantityOutOfRange extends \DomainException implements CoreException
{
    public static function fraction(float $value): self
    {
        return new self(sprintf('A fraction lies between 0 and 1; got %s.', $value));
    }

    public static function negative(string $quantity, float $value): self
    {
        return new self(sprintf('%s cannot be negative; got %s.', $quantity, $value));
    }

    public static function mixed(string $one, string $other): self
    {
        return new self(sprintf('%s and %s cannot be added.', $one, $other));
    }

    public static function unknownMeasure(string $measure): self
    {
        return new self(sprintf('There is no measure "%s".', $measure));
    }

    public static function notFinite(string $quantity): self
    {
        return new self(sprintf('%s must be a finite number.', $quantity));
    }
}
