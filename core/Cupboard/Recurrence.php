<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/**
 * When a job comes back: its next time and, after each, the one that follows, with what is not sure of each adding up. What
 * comes early one time and late another evens out in part, so the widths add up as their squares.
 */
final readonly class Recurrence
{
    /**
     * @param array{float, float, float} $next days from today: the earliest, the most likely and the latest of the next time
     * @param array{float, float, float}|null $again days from one time to the following; null where it does not come back
     */
    public function __construct(private array $next, private ?array $again)
    {
    }

    /**
     * @param float $until day up to which it looks, from today
     * @param list<int> $set days that are set already, ascending; after them it goes by itself
     *
     * @return list<array{int, int, int}> the day of each time that is most likely, and its earliest and latest; in their order
     */
    public function days(float $until, array $set = []): array
    {
        $days = array_map(static fn (int $day): array => [$day, $day, $day], array_values(array_filter(
            $set,
            static fn (int $day): bool => $day <= $until,
        )));
        if ([] !== $set && (null === $this->again || $this->again[1] < 1.0)) {
            return $days;
        }
        [$day, $before, $after] = [] === $set
            ? [max(0.0, $this->next[1]), ($this->next[1] - $this->next[0]) ** 2, ($this->next[2] - $this->next[1]) ** 2]
            : [(float) max($set) + ($this->again[1] ?? 0.0), ...self::squares($this->again ?? [0.0, 0.0, 0.0])];
        while ($day <= $until) {
            $likely = (int) round($day);
            $days[] = [$likely, max(0, min($likely, (int) floor($day - sqrt($before)))), max($likely, (int) ceil($day + sqrt($after)))];
            if (null === $this->again || $this->again[1] < 1.0) {
                break; // it would come back the same day, and again
            }
            [$more, $later] = self::squares($this->again);
            [$day, $before, $after] = [$day + $this->again[1], $before + $more, $after + $later];
        }

        return $days;
    }

    /**
     * @param array{float, float, float} $window
     *
     * @return array{float, float}
     */
    private static function squares(array $window): array
    {
        return [($window[1] - $window[0]) ** 2, ($window[2] - $window[1]) ** 2];
    }
}
