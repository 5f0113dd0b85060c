<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/**
 * A calendar day of the proleptic Gregorian calendar, years 1 to 9999.
 *
 * Counted as whole days, so leap days count and daylight-saving changes cannot shift anything.
 */
final readonly class Day implements \Stringable
{
    private const SECONDS = 86400;
    private const FIRST = -719162;
    private const LAST = 2932896;

    private function __construct(public int $number)
    {
    }

    /**
     * @param string $iso a day that exists, as YYYY-MM-DD
     *
     * @throws NoSuchDay for any other text
     */
    public static function of(string $iso): self
    {
        if (1 !== preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $iso, $part)
            || !checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            throw NoSuchDay::named($iso);
        }

        return self::at(new \DateTimeImmutable($iso.'T00:00:00Z'), new \DateTimeZone('UTC'));
    }

    /**
     * @param int $number as a day counts itself
     *
     * @throws NoSuchDay outside the years 1 to 9999
     */
    public static function numbered(int $number): self
    {
        return $number >= self::FIRST && $number <= self::LAST ? new self($number) : throw NoSuchDay::beyondCalendar();
    }

    /** The day it is at this instant, in this time zone. */
    public static function at(\DateTimeInterface $instant, \DateTimeZone $zone): self
    {
        $local = \DateTimeImmutable::createFromInterface($instant)->setTimezone($zone);
        $shifted = $local->getTimestamp() + $local->getOffset();

        return new self((int) floor($shifted / self::SECONDS));
    }

    /**
     * @param int $days may be negative
     *
     * @throws NoSuchDay outside the years 1 to 9999
     */
    public function plus(int $days): self
    {
        if (!$this->reaches($days)) {
            throw NoSuchDay::beyondCalendar();
        }

        return new self($this->number + $days);
    }

    /** Whether the day so many days away is still within the years 1 to 9999. */
    public function reaches(float $days): bool
    {
        return $this->number + $days >= self::FIRST && $this->number + $days <= self::LAST;
    }

    /** Whole days from the other day to this one; negative when the other is later. */
    public function since(self $other): int
    {
        return $this->number - $other->number;
    }

    public function isAfter(self $other): bool
    {
        return $this->number > $other->number;
    }

    /** Monday 1 to Sunday 7. */
    public function weekday(): int
    {
        return (($this->number + 3) % 7 + 7) % 7 + 1;
    }

    /** Midnight of the day in UTC, for formatting. */
    public function midnight(): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@'.$this->number * self::SECONDS))->setTimezone(new \DateTimeZone('UTC'));
    }

    /** The instant at which a wall clock in the zone shows this day and time; a skipped hour moves on. */
    public function atTime(int $hour, int $minute, \DateTimeZone $zone): \DateTimeImmutable
    {
        return (new \DateTimeImmutable(sprintf('%s %02d:%02d:00', $this, $hour, $minute), $zone))
            ->setTimezone(new \DateTimeZone('UTC'));
    }

    public function __toString(): string
    {
        return $this->midnight()->format('Y-m-d');
    }
}
