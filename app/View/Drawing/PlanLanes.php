<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Pages\Plan\PlanLine;

/** A plan as lanes: what hands do, what lies in the sink, what each machine does by itself. */
final readonly class PlanLanes
{
    /** Width of a letter. */
    private const LETTER = 7.4;
    /** Letters below which a name says nothing. */
    private const FEW = 7;
    private const WIDTH = 900;
    private const LANE = 46;
    private const LEFT = 130;
    private const TOP = 26;

    /**
     * @param array<string, string> $lanes names by lane
     * @param list<PlanLine> $lines
     * @param float $finish minutes in all
     * @param list<array{float, string}> $ticks minutes and time on the clock
     * @param float|null $past minutes before now that it shows; null where nothing goes on yet
     */
    public function __construct(
        public array $lanes,
        private array $lines,
        private float $finish,
        public array $ticks,
        public ?float $past = null,
    ) {
    }

    /** Minutes that a step to the right is worth, of a drawing so wide. */
    public function minutesPerUnit(): float
    {
        return round(max(1.0, $this->finish + ($this->past ?? 0.0)) / (self::WIDTH - self::LEFT - 10), 4);
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
        $past = $this->past ?? 0.0;

        return round(self::LEFT + ($minutes + $past) / max(1.0, $this->finish + $past) * (self::WIDTH - self::LEFT - 10), 1);
    }

    /** Upper edge of a lane. */
    public function y(string $lane): int
    {
        return self::TOP + self::LANE * (int) array_search($lane, array_keys($this->lanes), true);
    }

    /** @return list<array{x: float, y: int, text: string}> what hands that are free in between say of it, as far as there is room */
    public function gaps(): array
    {
        $gaps = [];
        foreach ($this->lines as $line) {
            $width = $this->x($line->start) - $this->x($line->start - $line->gap);
            if ('' !== $line->gapText && $width > 10 + self::LETTER * mb_strlen($line->gapText)) {
                $x = $this->x($line->start - $line->gap / 2);
                $gaps[] = ['x' => $x, 'y' => $this->y($line->lanes[0]) + 28, 'text' => $line->gapText];
            }
        }

        return $gaps;
    }

    /** What a piece says of itself, as far as there is room. */
    private static function text(PlanLine $line, float $width): string
    {
        if ($line->isDone) {
            return '';
        }
        $room = (int) floor(($width - 12) / self::LETTER);
        $name = null === $line->number ? $line->what : "$line->number $line->machine";

        return match (true) {
            mb_strlen($name) <= $room => $name,
            $room >= self::FEW => mb_substr($name, 0, $room - 1).'…',
            null !== $line->number && $width > 6 + self::LETTER * 1.3 * strlen((string) $line->number) => (string) $line->number,
            default => '',
        };
    }

    /**
     * A piece for each lane that a line lies in.
     *
     * @return list<array{x: float, y: int, width: float, line: PlanLine, text: string, isMain: bool}>
     */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->lines as $line) {
            foreach ($line->lanes as $lane) {
                $x = $this->x($line->start);
                $width = max(3.0, round($this->x($line->start + $line->minutes) - $x - 1, 1));
                $pieces[] = [
                    'x' => $x,
                    'y' => $this->y($lane) + 5,
                    'width' => $width,
                    'line' => $line,
                    'text' => self::text($line, $width),
                    'isMain' => $lane === $line->lanes[0],
                ];
            }
        }

        return $pieces;
    }
}
