<?php

declare(strict_types=1);

namespace App\Support;

/** A number as people write it. */
final class NumberText
{
    /** "3,50", "3.5", "1.234,50" and "1,234.50" with a point before their decimals and nothing between thousands; else as it was. */
    public static function normal(string $typed): string
    {
        $number = (string) preg_replace('/[\s\x{00A0}\x{202F}]/u', '', $typed);
        $comma = (int) strrpos(" $number", ',');
        $isComma = $comma > (int) strrpos(" $number", '.');
        $number = str_replace(',', '.', str_replace($isComma ? '.' : ',', '', $number));

        return is_numeric($number) ? $number : trim($typed);
    }
}
