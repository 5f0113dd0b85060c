<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

use GoodRinse\Core\CoreException;

/** A step or link that cannot be. */
final class InvalidPlan extends \DomainException implements CoreException
{
    public static function duration(string $step): self
    {
        return new self(sprintf('%s takes a finite time of 0 minutes or more.', $step));
    }

    public static function twice(string $step): self
    {
        return new self(sprintf('There are two steps %s.', $step));
    }

    public static function unknown(string $step): self
    {
        return new self(sprintf('A link names a step that is not there: %s.', $step));
    }
}
