<?php

declare(strict_types=1);

namespace App\Support;

/** Single values as a database query or a cache gives them back. */
final class Scalar
{
    /** A whole number; 0 for what is none. */
    public static function int(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    /** A text; empty for what is none. */
    public static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
