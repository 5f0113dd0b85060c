<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\CoreException;

/** A clock whose numbers cannot all be true. */
final class InvalidClock extends \DomainException implements CoreException
{
    public static function notPositive(string $what): self
    {
        return new self(sprintf('%s must be greater than 0.', $what));
    }

    public static function negative(string $what): self
    {
        return new self(sprintf('%s cannot be negative.', $what));
    }

    public static function boundsCrossed(): self
    {
        return new self('The shortest interval is longer than the longest.');
    }

    public static function none(): self
    {
        return new self('A care task needs at least one clock.');
    }
}
