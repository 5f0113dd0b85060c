<?php

declare(strict_types=1);

namespace App\View\Words;

use GoodRinse\Core\Quantity\Day;

/** Says when, in English; the names of days and months are PHP's own. */
final class Dates
{
    /** Days within which a day and a month say which year is meant. */
    private const SAME_YEAR = 270;

    /** "12 October", with the year where it is not this one. */
    public static function day(Day $day, ?Day $today = null): string
    {
        $other = null === $today || $day->midnight()->format('Y') !== $today->midnight()->format('Y');

        return self::format($day, $other ? 'j F Y' : 'j F');
    }

    /** "Thu 3 December". */
    public static function weekday(Day $day): string
    {
        return self::format($day, 'D j F');
    }

    /** "Thursday 3 December", with the year where it is not this one. */
    public static function longWeekday(Day $day, Day $today): string
    {
        return self::format($day, 'l '.($day->midnight()->format('Y') === $today->midnight()->format('Y') ? 'j F' : 'j F Y'));
    }

    /** "3 Dec", with the year where it is far from today. */
    public static function short(Day $day, ?Day $today = null): string
    {
        return self::format($day, null === $today || abs($day->since($today)) < self::SAME_YEAR ? 'j M' : 'j M Y');
    }

    /**
     * The ends of a range, "3 Dec" and "12 Jan", both with their years where either is not of this one.
     *
     * @return array{string, string}
     */
    public static function ends(Day $from, Day $to, Day $today): array
    {
        $year = static fn (Day $day): string => $day->midnight()->format('Y');
        $format = $year($from) === $year($today) && $year($to) === $year($today) ? 'j M' : 'j M Y';

        return [self::format($from, $format), self::format($to, $format)];
    }

    /** "today", "tomorrow", "in 6 days", "yesterday", "3 days ago". */
    public static function relative(Day $day, Day $today): string
    {
        $days = $day->since($today);

        return match (true) {
            0 === $days => (string) __('units.when.today'),
            1 === $days => (string) __('units.when.tomorrow'),
            -1 === $days => (string) __('units.when.yesterday'),
            $days > 0 => (string) __('units.when.in', ['days' => $days]),
            default => (string) __('units.when.ago', ['days' => -$days]),
        };
    }

    /** "18:25" on the household's clock. */
    public static function time(\DateTimeInterface $at, \DateTimeZone $zone): string
    {
        return \DateTimeImmutable::createFromInterface($at)->setTimezone($zone)->format('H:i');
    }

    private static function format(Day $day, string $format): string
    {
        return $day->midnight()->format($format);
    }
}
