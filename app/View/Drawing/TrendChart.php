<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Measure\Point;
use GoodRinse\Core\Measure\Series;
use GoodRinse\Core\Measure\UsualBand;

/** A series over some years as a small drawing: its figures, what is usual, and what was done meanwhile. */
final readonly class TrendChart
{
    public const WIDTH = 340;
    public const HEIGHT = 120;
    private const LEFT = 44;
    private const TOP = 10;
    private const BOTTOM = 26;

    private float $most;

    /**
     * @param Series $shown its figures between the two moments
     * @param list<\DateTimeImmutable> $rounds when rounds ended
     * @param list<\DateTimeImmutable> $fixes when something was fixed
     */
    public function __construct(
        private Series $shown,
        private ?UsualBand $band,
        private \DateTimeImmutable $from,
        private \DateTimeImmutable $to,
        private array $rounds,
        private array $fixes,
    ) {
        $values = array_map(static fn (Point $point): float => $point->value, $shown->points);
        $this->most = self::rounded(max([...$values, $band->high ?? 0.0, 1e-6]));
    }

    public function x(\DateTimeImmutable $at): float
    {
        $span = max(1, $this->to->getTimestamp() - $this->from->getTimestamp());
        $share = ($at->getTimestamp() - $this->from->getTimestamp()) / $span;

        return round(self::LEFT + max(0.0, min(1.0, $share)) * (self::WIDTH - self::LEFT - 8), 1);
    }

    public function y(float $value): float
    {
        $room = self::HEIGHT - self::TOP - self::BOTTOM;

        return round(self::TOP + (1 - max(0.0, min(1.0, $value / $this->most))) * $room, 1);
    }

    /** @return array{float, float, float, float}|null x, y, width, height of what is usual */
    public function usual(): ?array
    {
        if (null === $this->band) {
            return null;
        }
        [$top, $bottom] = [$this->y($this->band->high), $this->y($this->band->low)];

        return [(float) self::LEFT, $top, (float) (self::WIDTH - self::LEFT - 8), max(2.0, $bottom - $top)];
    }

    /** The path through all figures. */
    public function line(): string
    {
        return implode(' ', array_map(
            fn (int $i, Point $point): string => (0 === $i ? 'M' : 'L').$this->x($point->at).' '.$this->y($point->value),
            array_keys($this->shown->points),
            $this->shown->points,
        ));
    }

    /** @return list<array{float, float, bool}> x, y, and whether it is worse than usual */
    public function dots(): array
    {
        return array_map(fn (Point $point): array => [
            $this->x($point->at),
            $this->y($point->value),
            null !== $this->band && ($this->shown->goodIsHigh ? $point->value < $this->band->low : $point->value > $this->band->high),
        ], $this->shown->points);
    }

    /** @return list<float> x of each round that ended in these years */
    public function rounds(): array
    {
        return $this->within($this->rounds);
    }

    /** @return list<float> x of each fix */
    public function fixes(): array
    {
        return $this->within($this->fixes);
    }

    /** @return list<array{float, string}> x and name of each year that begins in between */
    public function years(): array
    {
        $years = [];
        for ($year = (int) $this->from->format('Y') + 1; $year <= (int) $this->to->format('Y'); ++$year) {
            $years[] = [$this->x(new \DateTimeImmutable("$year-01-01", $this->from->getTimezone())), (string) $year];
        }

        return count($years) > 6 ? array_values(array_filter($years, static fn (array $year): bool => 0 === (int) $year[1] % 2)) : $years;
    }

    public function top(): float
    {
        return $this->most;
    }

    /**
     * @param list<\DateTimeImmutable> $times
     *
     * @return list<float>
     */
    private function within(array $times): array
    {
        return array_values(array_map($this->x(...), array_filter(
            $times,
            fn (\DateTimeImmutable $at): bool => $at >= $this->from && $at <= $this->to,
        )));
    }

    /** The next round number up: 1, 2 or 5 times a power of ten. */
    private static function rounded(float $most): float
    {
        $power = 10 ** floor(log10($most));
        foreach ([1, 2, 5, 10] as $step) {
            if ($most <= $step * $power + 1e-12) {
                return $step * $power;
            }
        }

        return 10 * $power;
    }
}
