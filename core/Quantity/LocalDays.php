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

    private int $place = 0;

    /** @var array<int, array{int, int}> Unix time at which a day begins and its length in seconds */
    private array $days = [];

    public function __construct(public readonly \DateTimeZone $zone)
    {
    }

    public function of(\DateTimeInterface $moment): float
    {
        return $this->at($moment->getTimestamp());
    }

    /** @param int $time Unix seconds */
    public function at(int $time): float
    {
        $day = $time < self::FROM || $time > self::TO
            ? Day::at(new \DateTimeImmutable("@$time"), $this->zone)->number
            : (int) floor(($time + $this->offset($time)) / 86400);
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
        $offsets = $this->offsets ??= array_map(
            static fn (array $change): array => [$change['ts'], $change['offset']],
            $this->zone->getTransitions(self::FROM, self::TO) ?: [],
        );
        if ([] === $offsets) {
            return $this->zone->getOffset(new \DateTimeImmutable("@$time"));
        }
        $i = $this->place;
        while (isset($offsets[$i + 1]) && $offsets[$i + 1][0] <= $time) {
            ++$i;
        }
        while ($i > 0 && $offsets[$i][0] > $time) {
            --$i;
        }
        $this->place = $i; // moments mostly come in their order

        return $offsets[$i][1];
    }
}
