<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/**
 * Tells moments in days of one time zone: the whole part is the number of the day, the rest how much of that day had
 * gone by, whether it had 23, 24 or 25 hours.
 */
final class LocalDays
{
    /** Between these the changes of the clocks are read once; outside them each moment is asked for by itself. */
    private const FROM = 631152000; // 1990
    private const TO = 2082758400;  // 2036

    /** @var list<array{int, int}>|null Unix time from which an offset holds, and the offset in seconds */
    private ?array $offsets = null;

    /** @var array<int, array{int, int}> Unix time at which a day begins and its length in seconds */
    private array $days = [];

    public function __construct(public readonly \DateTimeZone $zone)
    {
    }

    public function of(\DateTimeInterface $moment): float
    {
        $time = $moment->getTimestamp();
        $day = $time < self::FROM || $time > self::TO ? Day::at($moment, $this->zone)->number : (int) floor(($time + $this->offset($time)) / 86400);
        [$begins, $length] = $this->days[$day] ??= $this->day($day);

        return $day + ($time - $begins) / $length;
    }

    /** @return array{int, int} */
    private function day(int $number): array
    {
        $begins = $this->begins($number);
        $ends = $this->begins($number + 1);

        return [$begins, $ends - $begins];
    }

    private function begins(int $number): int
    {
        $guess = $number * 86400;
        if ($guess - 172800 > self::FROM && $guess + 172800 < self::TO) {
            $offset = $this->offset($guess - 172800);
            if ($offset === $this->offset($guess + 172800)) {
                return $guess - $offset;
            }
        }

        return (new \DateTimeImmutable(gmdate('Y-m-d', $guess).' 00:00:00', $this->zone))->getTimestamp();
    }

    private function offset(int $time): int
    {
        $offsets = $this->offsets ??= array_map(static fn (array $change): array => [$change['ts'], $change['offset']], $this->zone->getTransitions(self::FROM, self::TO) ?: []);
        if ([] === $offsets) {
            return $this->zone->getOffset(new \DateTimeImmutable("@$time"));
        }
        [$low, $high] = [0, count($offsets)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($offsets[$middle][0] <= $time) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $offsets[max(0, $low - 1)][1];
    }
}
