<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/**
 * Places what happened on a day whose hour nobody knows.
 *
 * Written down on that day, it happened at that moment. Written down later, it stands after every other moment of its
 * day, at its last second; where that could hurt, a clearing stands at the first one instead.
 */
final class DayOrder
{
    private const LAST = '23:59:59';

    /** The moment that stands for the day. */
    public static function moment(Day $day, \DateTimeImmutable $now, \DateTimeZone $zone): \DateTimeImmutable
    {
        return Day::at($now, $zone)->number === $day->number ? $now : self::end($day, $zone);
    }

    /** The earliest that it can have been, for what takes a danger away. */
    public static function earliest(Day $day, \DateTimeImmutable $now, \DateTimeZone $zone): \DateTimeImmutable
    {
        return Day::at($now, $zone)->number === $day->number ? $now : $day->atTime(0, 0, $zone);
    }

    /** Whether a moment stands for a day whose hour nobody knows. */
    public static function isWhole(\DateTimeImmutable $moment, \DateTimeZone $zone): bool
    {
        return 59 === $moment->getTimestamp() % 60 && self::LAST === $moment->setTimezone($zone)->format('H:i:s');
    }

    private static function end(Day $day, \DateTimeZone $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' '.self::LAST, $zone);
    }
}
