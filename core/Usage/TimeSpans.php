<?php

declare(strict_types=1);

namespace GoodRinse\Core\Usage;

/** Stretches of time, in days with fractions, apart from each other and in order. */
final readonly class TimeSpans
{
    /** @var list<float> days covered before each span */
    private array $before;

    /** @param list<array{float, float}> $spans from and to, apart and in order */
    private function __construct(public array $spans)
    {
        $covered = 0.0;
        $before = [];
        foreach ($spans as [$from, $to]) {
            $before[] = $covered;
            $covered += $to - $from;
        }
        $this->before = $before;
    }

    /** @param list<array{float, float}> $spans from and to, in any order; those that meet become one */
    public static function of(array $spans): self
    {
        usort($spans, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $joined = [];
        $open = null;
        foreach ($spans as [$from, $to]) {
            if ($to <= $from) {
                continue;
            }
            if (null !== $open && $from > $open[1]) {
                $joined[] = $open;
                $open = null;
            }
            $open = null === $open ? [$from, $to] : [$open[0], max($open[1], $to)];
        }

        return new self(null === $open ? $joined : [...$joined, $open]);
    }

    /** Both together. */
    public function with(self $other): self
    {
        return [] === $other->spans ? $this : ([] === $this->spans ? $other : self::of([...$this->spans, ...$other->spans]));
    }

    /** These and one more. */
    public function plus(float $from, float $to): self
    {
        if ($to <= $from) {
            return $this;
        }
        $first = $this->place($from);
        $first = $first >= 0 && $this->spans[$first][1] >= $from ? $first : $first + 1;
        $last = $this->place($to);
        $spans = $this->spans;
        if ($last >= $first) {
            [$from, $to] = [min($from, $spans[$first][0]), max($to, $spans[$last][1])];
        }
        array_splice($spans, $first, max(0, $last - $first + 1), [[$from, $to]]);

        return new self($spans);
    }

    /** Whether a moment lies in one of them, its end included where that is asked for. */
    public function holds(float $time, bool $withEnd = false): bool
    {
        $i = $this->place($time);
        if ($i < 0) {
            return false;
        }

        return $time < $this->spans[$i][1] || ($withEnd && $time <= $this->spans[$i][1]);
    }

    /** Whether one of them covers all of this stretch. */
    public function cover(float $from, float $to): bool
    {
        $i = $this->place($from);

        return $i >= 0 && $this->spans[$i][1] >= $to;
    }

    /** Whether any of this stretch lies in one of them. */
    public function touch(float $from, float $to): bool
    {
        $i = $this->place($from);
        if ($i >= 0 && $this->spans[$i][1] > $from) {
            return true;
        }

        return isset($this->spans[$i + 1]) && $this->spans[$i + 1][0] < $to;
    }

    /** Days of a stretch that they cover. */
    public function days(float $from, float $to): float
    {
        return $to <= $from ? 0.0 : $this->until($to) - $this->until($from);
    }

    /**
     * What they leave of a stretch.
     *
     * @return list<array{float, float}> in order
     */
    public function gaps(float $from, float $to): array
    {
        $gaps = [];
        for ($i = max(0, $this->place($from)); $from < $to && isset($this->spans[$i]) && $this->spans[$i][0] < $to; ++$i) {
            if ($this->spans[$i][0] > $from) {
                $gaps[] = [$from, $this->spans[$i][0]];
            }
            $from = max($from, $this->spans[$i][1]);
        }
        if ($from < $to) {
            $gaps[] = [$from, $to];
        }

        return $gaps;
    }

    private function until(float $time): float
    {
        $i = $this->place($time);

        return $i < 0 ? 0.0 : $this->before[$i] + min($time, $this->spans[$i][1]) - $this->spans[$i][0];
    }

    /** Place of the last one that begins at this moment or before; -1 when none does. */
    private function place(float $time): int
    {
        [$low, $high] = [0, count($this->spans)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->spans[$middle][0] <= $time) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low - 1;
    }
}
