<?php

declare(strict_types=1);

namespace GoodRinse\Core\Device;

/**
 * How a table writes its numbers and days, told from all of them together: whether a comma parts thousands or the
 * decimals, and whether the day or the month comes first. What the table does not tell has to be asked.
 */
final readonly class TableFormat
{
    public const NUMBERS = 'numbers';
    public const DAYS = 'days';
    public const THOUSANDS = 'thousands';
    public const DECIMALS = 'decimals';
    public const DAY_FIRST = 'day-first';
    public const MONTH_FIRST = 'month-first';

    /** A mark with three digits after it, and nothing that tells what it is. */
    private const UNCLEAR = '/^\d{1,3}[.,]\d{3}$/D';

    /**
     * @param list<string> $asks NUMBERS or DAYS, where the table does not tell and nobody has said
     * @param string $decimal the mark before decimals
     */
    private function __construct(public array $asks, private string $decimal, private bool $dayFirst)
    {
    }

    /**
     * @param list<string> $whens cells with days
     * @param list<string> $numbers cells with numbers
     * @param string|null $marks THOUSANDS or DECIMALS: what the mark in "1,120" is, where somebody has said
     * @param string|null $order DAY_FIRST or MONTH_FIRST, where somebody has said
     */
    public static function of(array $whens, array $numbers, ?string $marks = null, ?string $order = null): self
    {
        $asks = [];
        $decimal = self::decimal($numbers);
        $unclear = array_values(array_filter($numbers, static fn (string $number): bool => 1 === preg_match(self::UNCLEAR, $number)));
        if (null === $decimal) {
            $mark = str_contains($unclear[0] ?? '', ',') ? ',' : '.';
            $decimal = self::DECIMALS === $marks ? $mark : (',' === $mark ? '.' : ',');
            $asks = [] === $unclear || null !== $marks ? [] : [self::NUMBERS];
            $decimal = [] === $unclear ? '.' : $decimal;
        }
        $first = self::dayFirst($whens);
        $slashes = [] !== (preg_grep('#^\d{1,2}[/-]\d{1,2}[/-]\d{4}#', $whens) ?: []);
        if (null === $first && $slashes && null === $order) {
            $asks[] = self::DAYS;
        }

        return new self($asks, $decimal, $first ?? self::MONTH_FIRST !== $order);
    }

    /** @param list<string> $numbers */
    private static function decimal(array $numbers): ?string
    {
        foreach ($numbers as $number) {
            if (1 === preg_match('/^[\d.,\x{202F}\x{A0} \']*([.,])(\d+)$/Du', $number, $part)) {
                [, $mark, $after] = $part;
                $other = '.' === $mark ? ',' : '.';
                if (str_contains($number, $other)) {
                    return $mark; // the last of both marks
                }
                if (substr_count($number, $mark) > 1) {
                    return $other;
                }
                if (3 !== strlen($after) || strlen($number) - 4 > 3 || str_starts_with($number, '0')) {
                    return $mark;
                }
            }
        }

        return null;
    }

    /** @param list<string> $whens */
    private static function dayFirst(array $whens): ?bool
    {
        foreach ($whens as $when) {
            if (1 === preg_match('#^(\d{1,2})[/-](\d{1,2})[/-]\d{4}#', $when, $part) && ((int) $part[1] > 12 || (int) $part[2] > 12)) {
                return (int) $part[1] > 12;
            }
        }

        return null;
    }

    /** Null for what is no number from 0 up. */
    public function number(string $cell): ?float
    {
        $plain = str_replace(["\u{202F}", "\u{A0}", ' ', "'", '.' === $this->decimal ? ',' : '.'], '', $cell);
        $plain = str_replace($this->decimal, '.', $plain);

        return 1 === preg_match('/^\d{1,12}(\.\d{1,9})?$/D', $plain) ? (float) $plain : null;
    }

    /**
     * @return array{\DateTimeImmutable, bool}|null the moment and whether its hour is known, else at noon; null for
     *     what is no moment that exists
     */
    public function moment(string $cell, \DateTimeZone $zone): ?array
    {
        if (1 === preg_match('/^\d{9,10}$/D', $cell) || 1 === preg_match('/^\d{12,13}$/D', $cell)) {
            return [new \DateTimeImmutable('@'.substr($cell, 0, strlen($cell) > 10 ? -3 : null)), true];
        }
        $time = '(?:[T ,]+(\d{1,2})[:.](\d{2})(?:[:.](\d{2})(?:\.\d+)?)?\s*([AaPp])?\.?(?:[Mm]\.?)?\s*(Z|[+-]\d{2}:?\d{2})?)?';
        $forms = [
            "#^(?<y>\\d{4})[-/.](?<m>\\d{1,2})[-/.](?<d>\\d{1,2})$time$#Du",
            "#^(?<d>\\d{1,2})\\.(?<m>\\d{1,2})\\.(?<y>\\d{4})$time$#Du",
            $this->dayFirst
                ? "#^(?<d>\\d{1,2})[/-](?<m>\\d{1,2})[/-](?<y>\\d{4})$time$#Du"
                : "#^(?<m>\\d{1,2})[/-](?<d>\\d{1,2})[/-](?<y>\\d{4})$time$#Du",
        ];
        foreach ($forms as $form) {
            if (1 === preg_match($form, $cell, $part)) {
                return self::at($part, $zone);
            }
        }

        return null;
    }

    /**
     * @param array<array-key, string> $part y, m and d, then hour, minute, second, half of the day and offset
     *
     * @return array{\DateTimeImmutable, bool}|null
     */
    private static function at(array $part, \DateTimeZone $zone): ?array
    {
        [$hour, $minute, $second] = [(int) ($part[4] ?? 12), (int) ($part[5] ?? 0), (int) ('' === ($part[6] ?? '') ? 0 : $part[6])];
        $half = strtolower($part[7] ?? '');
        if ('' !== $half) {
            $hour = $hour > 12 || 0 === $hour ? 99 : $hour % 12 + ('p' === $half ? 12 : 0);
        }
        if (!checkdate((int) $part['m'], (int) $part['d'], (int) $part['y']) || $hour > 23 || $minute > 59 || $second > 59) {
            return null;
        }
        $offset = $part[8] ?? '';

        return [
            new \DateTimeImmutable(
                sprintf('%04d-%02d-%02d %02d:%02d:%02d', $part['y'], $part['m'], $part['d'], $hour, $minute, $second),
                '' === $offset ? $zone : new \DateTimeZone('Z' === $offset ? 'UTC' : $offset),
            ),
            '' !== ($part[4] ?? ''),
        ];
    }
}
