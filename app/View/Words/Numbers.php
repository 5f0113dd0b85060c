<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Support\IcuLocale;

/**
 * Numbers as they are written where the language of the pages is spoken: its decimal sign and digits, by ICU.
 * Thousands are set apart by a narrow space in every language, which no reader takes for a decimal sign.
 */
final class Numbers
{
    private const THIN = "\u{202F}";

    /** @var array<string, \NumberFormatter> by locale */
    private static array $formatters = [];

    /** To at most so many decimals, none of them a zero at the end: "2.5", "1 200". */
    public static function upTo(float $number, int $decimals): string
    {
        return self::written($number, 0, $decimals);
    }

    /** To exactly so many decimals: "2.50". */
    public static function fixed(float $number, int $decimals): string
    {
        return self::written($number, $decimals, $decimals);
    }

    private static function written(float $number, int $least, int $most): string
    {
        $locale = IcuLocale::current();
        $formatter = self::$formatters[$locale] ??= self::formatter($locale);
        $formatter->setAttribute(\NumberFormatter::MAX_FRACTION_DIGITS, $most);
        $formatter->setAttribute(\NumberFormatter::MIN_FRACTION_DIGITS, $least);

        // PHP rounds as a person would, 0.15 to 0.2; -0 is no number that anybody writes.
        return (string) $formatter->format(round($number, $most) + 0.0);
    }

    private static function formatter(string $locale): \NumberFormatter
    {
        $formatter = new \NumberFormatter($locale, \NumberFormatter::DECIMAL);
        $formatter->setSymbol(\NumberFormatter::GROUPING_SEPARATOR_SYMBOL, self::THIN);
        $formatter->setAttribute(\NumberFormatter::GROUPING_USED, 1);
        $formatter->setAttribute(\NumberFormatter::GROUPING_SIZE, 3);

        return $formatter;
    }
}
