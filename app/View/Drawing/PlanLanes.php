<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Pages\Plan\PlanLine;

/** A plan as lanes: what hands do, what lies in the sink, what each machine does by itself. */
final readonly class PlanLanes
{
    private const WIDTH = 900;
    private const LANE = 46;
    private const LEFT = 130;
    private const TOP = 26;

    /**
     * @param array<string, string> $lanes names by lane
     * @param list<PlanLine> $lines
     * @param float $finish minutes in all
     * @param list<array{float, string}> $ticks minutes and time on the clock
     */
    public function __construct(public array $lanes, private array $lines, private float $finish, public array $ticks)
    {
    }

    public function width(): int
    {
        return self::WIDTH;
    }

    public function height(): int
    {
        return self::TOP + count($this->lanes) * self::LANE + 8;
    }

    public function x(float $minutes): float
    {
        return round(self::LEFT + $minutes / max(1.0, $this->finish) * (self::WIDTH - self::LEFT - 10), 1);
    }

    /** Upper edge of a lane. */
    public function y(string $lane): int
    {
        return self::TOP + self::LANE * (int) array_search($lane, array_keys($this->lanes), true);
    }

    /** @return list<array{x: float, y: int, width: float, line: PlanLine}> a piece for each lane that a line lies in */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->lines as $line) {
            foreach ($line->lanes as $lane) {
                $x = $this->x($line->start);
                $pieces[] = [
                    'x' => $x,
                    'y' => $this->y($lane) + 5,
                    'width' => max(3.0, round($this->x($line->start + $line->minutes) - $x - 1, 1)),
                    'line' => $line,
                ];
            }
        }

        return $pieces;
    }
}
