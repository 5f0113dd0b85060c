<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** An hour that a person typed, as a clock shows it. */
final class ClockTime
{
    /**
     * When a clock next shows an hour, from a moment on and in that moment's zone.
     *
     * @param string $time HH:MM, 00:00 to 23:59
     *
     * @return \DateTimeImmutable|null at the moment or in the day after it; null for anything but HH:MM
     */
    public static function next(string $time, \DateTimeImmutable $from): ?\DateTimeImmutable
    {
        if (1 !== preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/D', $time, $parts)) {
            return null;
        }
        $at = $from->setTime((int) $parts[1], (int) $parts[2]);

        return $at < $from ? $at->modify('+1 day') : $at;
    }
}
