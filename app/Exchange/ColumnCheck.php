<?php

declare(strict_types=1);

namespace App\Exchange;

/** Holds single values of a file to what their columns may be, and turns them into what the database keeps. */
final readonly class ColumnCheck
{
    private const LONGEST = 4000;
    private const MOST_JSON = 2_000_000;

    /** @param array<string, array<string, true>> $ids of the rows seen so far, by table */
    public static function value(string $type, mixed $value, string $place, array $ids): mixed
    {
        if (str_starts_with($type, '?')) {
            if (null === $value) {
                return null;
            }
            $type = substr($type, 1);
        }

        return match ($type) {
            'id' => self::matching('/^[0-9a-hjkmnp-tv-z]{26}$/Di', $value, $place, 'id'),
            'word' => self::matching('/^[A-Za-z][A-Za-z0-9_.:-]{0,79}$/D', $value, $place, 'word'),
            'text' => self::text($value, $place),
            'zone' => self::zone($value, $place),
            'day' => self::day($value, $place),
            'time' => self::time($value, $place),
            'bool' => is_bool($value) ? (int) $value : throw ImportRefused::at($place, 'bool'),
            'int' => is_int($value) && abs($value) < 10 ** 12 ? $value : throw ImportRefused::at($place, 'number'),
            'float' => is_int($value) || (is_float($value) && is_finite($value))
                ? (float) $value
                : throw ImportRefused::at($place, 'number'),
            'json' => self::json($value, $place),
            'person' => is_string($value) && isset($ids['people'][$value]) ? $value : throw ImportRefused::at($place, 'person'),
            'file' => self::matching(ExchangeFormat::FILE, $value, $place, 'file'),
            default => is_string($value) && isset($ids[$type][$value]) ? $value : throw ImportRefused::at($place, 'missing_row'),
        };
    }

    private static function matching(string $pattern, mixed $value, string $place, string $why): string
    {
        return is_string($value) && 1 === preg_match($pattern, $value) ? $value : throw ImportRefused::at($place, $why);
    }

    private static function text(mixed $value, string $place): string
    {
        $fits = is_string($value) && mb_check_encoding($value, 'UTF-8') && strlen($value) <= self::LONGEST
            && 1 !== preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f]/', $value);

        return $fits ? $value : throw ImportRefused::at($place, 'text');
    }

    private static function zone(mixed $value, string $place): string
    {
        return is_string($value) && in_array($value, \DateTimeZone::listIdentifiers(), true)
            ? $value
            : throw ImportRefused::at($place, 'zone');
    }

    private static function day(mixed $value, string $place): string
    {
        $day = is_string($value) ? \DateTimeImmutable::createFromFormat('!Y-m-d', $value) : false;

        return false !== $day && $day->format('Y-m-d') === $value ? $value : throw ImportRefused::at($place, 'day');
    }

    private static function time(mixed $value, string $place): string
    {
        $time = is_string($value)
            ? \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i:s\Z', $value, new \DateTimeZone('UTC'))
            : false;
        if (false === $time || $time->format('Y-m-d\TH:i:s\Z') !== $value || $time->format('Y') < '1990' || $time->format('Y') > '2200') {
            throw ImportRefused::at($place, 'time');
        }

        return $time->format('Y-m-d H:i:s');
    }

    private static function json(mixed $value, string $place): string
    {
        if (!is_array($value) && !$value instanceof \stdClass) {
            throw ImportRefused::at($place, 'json');
        }
        $text = json_encode($value, JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES, 60);

        return false !== $text && strlen($text) <= self::MOST_JSON ? $text : throw ImportRefused::at($place, 'json');
    }
}
