<?php

declare(strict_types=1);

namespace App\Console\Calc;

/** A JSON document that is not what a calculation takes; the message starts with the JSON pointer. */
final class BadInput extends \DomainException
{
    public static function at(string $pointer, string $problem): self
    {
        return new self(sprintf('%s: %s', '' === $pointer ? '""' : $pointer, $problem));
    }
}
