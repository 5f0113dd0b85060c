<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Support\IcuLocale;
use GoodRinse\Core\Quantity\Day;

/** Says when. Names of days and months are those of ICU for the language of the pages; the order is the language file's. */
final class Dates
{
    /** @var array<string, \IntlDateFormatter> by locale and pattern */
    private static array $formatters = [];

    /** "12 October", with the year where it is not this one. */
    public static function day(Day $day, ?Day $today = null): string
    {
        return self::format($day, null !== $today && self::year($day) === self::year($today) ? 'day' : 'day_year');
    }

    /** "Thu 3 December". */
    public static function weekday(Day $day): string
    {
        return self::format($day, 'weekday');
    }

    /** "Thursday 3 December", with the year where it is not this one. */
    public static function longWeekday(Day $day, Day $today): string
    {
        return self::format($day, self::year($day) === self::year($today) ? 'long_weekday' : 'long_weekday_year');
    }

    /** "3 Dec", with the year where it is not this one; on an axis, which shows where today is, without. */
    public static function short(Day $day, ?Day $today = null): string
    {
        return self::format($day, null === $today || self::year($day) === self::year($today) ? 'short' : 'short_year');
    }

    /**
     * The ends of a range, "3 Dec" and "12 Jan", both with their years where either is not of this one.
     *
     * @return array{string, string}
     */
    public static function ends(Day $from, Day $to, Day $today): array
    {
        $pattern = self::year($from) === self::year($today) && self::year($to) === self::year($today) ? 'short' : 'short_year';

        return [self::format($from, $pattern), self::format($to, $pattern)];
    }

    /** "Jun", as an axis has it. */
    public static function month(Day $day): string
    {
        return self::format($day, 'month');
    }

    /** @param int<1, 7> $number 1 is Monday */
    public static function nameOfDay(int $number): string
    {
        return self::format(Day::of("2024-01-0$number"), 'name_of_day');
    }

    /** "today", "tomorrow", "in 6 days", "yesterday", "3 days ago". */
    public static function relative(Day $day, Day $today): string
    {
        $days = $day->since($today);

        return match (true) {
            0 === $days => (string) __('units.when.today'),
            1 === $days => (string) __('units.when.tomorrow'),
            -1 === $days => (string) __('units.when.yesterday'),
            $days > 0 => trans_choice('units.when.in', $days, ['count' => Numbers::upTo($days, 0)]),
            default => trans_choice('units.when.ago', -$days, ['count' => Numbers::upTo(-$days, 0)]),
        };
    }

    /** "18:25" on the household's clock. */
    public static function time(\DateTimeInterface $at, \DateTimeZone $zone): string
    {
        return self::written(self::onClock($at, $zone), 'time');
    }

    /** "3 December, 18:25" on the household's clock. */
    public static function dayAndTime(\DateTimeInterface $at, \DateTimeZone $zone): string
    {
        return self::written(self::onClock($at, $zone), 'day_time');
    }

    private static function year(Day $day): string
    {
        return $day->midnight()->format('Y');
    }

    private static function format(Day $day, string $pattern): string
    {
        return self::written($day->midnight(), $pattern);
    }

    /** The day and time that a clock shows there, as if it were UTC: which zones there are is PHP's to know, not ICU's. */
    private static function onClock(\DateTimeInterface $at, \DateTimeZone $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable(
            \DateTimeImmutable::createFromInterface($at)->setTimezone($zone)->format('Y-m-d H:i:s'),
            new \DateTimeZone('UTC'),
        );
    }

    /** @param \DateTimeImmutable $at in UTC */
    private static function written(\DateTimeImmutable $at, string $pattern): string
    {
        $locale = IcuLocale::current();
        $formatter = self::$formatters["$locale $pattern"] ??= new \IntlDateFormatter(
            $locale,
            \IntlDateFormatter::NONE,
            \IntlDateFormatter::NONE,
            'UTC',
            \IntlDateFormatter::GREGORIAN,
            (string) __("units.patterns.$pattern"),
        );

        return (string) $formatter->format($at);
    }
}
