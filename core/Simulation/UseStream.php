<?php

declare(strict_types=1);

namespace GoodRinse\Core\Simulation;

use GoodRinse\Core\Quantity\Day;

/** When a simulated household uses a machine: a Poisson stream with a weekday shape, at meal times. */
final readonly class UseStream
{
    private const HOURS = [13, 20, 22];

    /** @param array<int, float> $weekdayShape share of each weekday, Monday 1 to Sunday 7, relative to 1 */
    public function __construct(private float $usesPerWeek, private array $weekdayShape, private \DateTimeZone $zone)
    {
    }

    /** @return list<\DateTimeImmutable> when it is used on a day, in UTC */
    public function on(Day $day, Dice $dice): array
    {
        $mean = $this->usesPerWeek / 7 * ($this->weekdayShape[$day->weekday()] ?? 1.0);
        $uses = [];
        foreach (array_slice(self::HOURS, 0, min(count(self::HOURS), $dice->poisson($mean))) as $hour) {
            $uses[] = $day->atTime($hour, $dice->between(0, 59), $this->zone);
        }

        return $uses;
    }
}
