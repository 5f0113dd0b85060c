<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

use App\View\Words\Dates;
use GoodRinse\Core\Quantity\ClockTime;

/** When a session begins and by when it is to be done, on the household's clock. */
final readonly class PlanTimes
{
    private function __construct(
        public \DateTimeImmutable $begin,
        public ?\DateTimeImmutable $ready,
        private \DateTimeZone $zone,
    ) {
    }

    /**
     * An hour that is past is tomorrow's; an end before the beginning is on the day after it.
     *
     * @param string|null $at as HH:MM; now when it is anything else
     * @param string|null $ready as HH:MM; no end when it is anything else
     * @param float|null $limit minutes that there are, in place of an hour
     */
    public static function from(
        \DateTimeInterface $now,
        \DateTimeZone $zone,
        ?string $at,
        ?string $ready = null,
        ?float $limit = null,
    ): self {
        $now = \DateTimeImmutable::createFromInterface($now)->setTimezone($zone);
        $now = $now->setTime((int) $now->format('H'), (int) $now->format('i'));
        $begin = ClockTime::next($at ?? '', $now) ?? $now;

        $end = null === $limit
            ? ClockTime::next($ready ?? '', $begin->modify('+1 minute'))
            : $begin->add(new \DateInterval(sprintf('PT%dM', (int) $limit)));

        return new self($begin, $end, $zone);
    }

    /** From this very moment, without an end. */
    public static function now(\DateTimeInterface $now, \DateTimeZone $zone): self
    {
        return new self(\DateTimeImmutable::createFromInterface($now)->setTimezone($zone), null, $zone);
    }

    /** Minutes from the beginning to the next time a clock shows this hour; null for anything but HH:MM. */
    public function minutesTo(string $time): ?float
    {
        $at = ClockTime::next($time, $this->begin);

        return null === $at ? null : ($at->getTimestamp() - $this->begin->getTimestamp()) / 60;
    }

    /** Minutes that there are; null without an end. What is done at 18:25:30 is said to be done at 18:25, and is in time then. */
    public function limit(): ?float
    {
        return null === $this->ready ? null : ($this->ready->getTimestamp() - $this->begin->getTimestamp() + 59) / 60;
    }

    /** The hour so many minutes after the beginning, as "18:25". */
    public function clock(float $minutes): string
    {
        return Dates::time($this->begin->modify(sprintf('+%d seconds', (int) ceil($minutes * 60))), $this->zone);
    }

    /** Minutes from one hour that clock() says to another. */
    public static function between(float $from, float $to): float
    {
        return floor(ceil($to * 60) / 60) - floor(ceil($from * 60) / 60);
    }

    /** The hour at which what takes so long has to begin to be done in time. */
    public function latest(float $minutes): string
    {
        return $this->clock(floor(($this->limit() ?? $minutes) - $minutes));
    }

    /** The end as "18:25"; empty without one. */
    public function readyAt(): string
    {
        return null === $this->ready ? '' : Dates::time($this->ready, $this->zone);
    }

    public function isReadyTheNextDay(): bool
    {
        return null !== $this->ready && $this->ready->format('Ymd') !== $this->begin->format('Ymd');
    }
}
