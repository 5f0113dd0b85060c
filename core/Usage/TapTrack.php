<?php

declare(strict_types=1);

namespace GoodRinse\Core\Usage;

/** Single uses as they were tapped, one after the other, and the time between those that follow closely. */
final readonly class TapTrack
{
    /** Two taps so many days apart, or so many times the days a use lasts by habit, leave nothing out between them. */
    private const NEIGHBOURS = 3.0;

    /**
     * @param float $far days apart from which two taps are no neighbours
     * @param list<float> $times in days, the earliest first
     * @param list<float> $sums uses up to and with each
     */
    private function __construct(private float $far, public array $times = [], public array $sums = [])
    {
    }

    /** @param float $habit uses a day that the household says it makes, 0 or more */
    public static function begin(float $habit): self
    {
        return new self($habit > 0 ? max(self::NEIGHBOURS, self::NEIGHBOURS / $habit) : self::NEIGHBOURS);
    }

    /**
     * These and later ones.
     *
     * @param list<array{float, float}> $taps time and uses, in any order, none earlier than the last of these
     * @param float $now later ones are not looked at
     * @param TimeSpans $metered time that counters watched: taps in it are theirs already
     * @param TimeSpans $told time that somebody told a number for
     */
    public function with(array $taps, float $now, TimeSpans $metered, TimeSpans $told): self
    {
        $at = array_column($taps, 0);
        array_multisort($at, array_keys($taps), $taps);
        $known = [] !== $metered->spans || [] !== $told->spans;
        [$times, $sums] = [$this->times, $this->sums];
        $sum = $sums[count($sums) - 1] ?? 0.0;
        foreach ($taps as [$time, $uses]) {
            if ($time > $now) {
                break;
            }
            if ($known && ($metered->holds($time, true) || $told->holds($time))) {
                continue;
            }
            $times[] = $time;
            $sums[] = $sum += $uses;
        }

        return new self($this->far, $times, $sums);
    }

    /** Those before a moment. */
    public function before(float $time): self
    {
        $count = $this->count($time, false);

        return new self($this->far, array_slice($this->times, 0, $count), array_slice($this->sums, 0, $count));
    }

    /** The same as text, for a later reading; nothing is lost. */
    public function pack(): string
    {
        return pack('E*', $this->far, ...$this->times, ...$this->sums);
    }

    /** What pack() made. */
    public static function unpack(string $packed): self
    {
        /** @var list<float> $numbers */
        $numbers = array_values((array) unpack('E*', $packed));
        $count = intdiv(count($numbers) - 1, 2);

        return new self($numbers[0], array_slice($numbers, 1, $count), array_slice($numbers, 1 + $count));
    }

    /** The time between neighbours: nothing was left out in it. */
    public function watched(): TimeSpans
    {
        if ([] === $this->times) {
            return TimeSpans::of([]);
        }
        $spans = [];
        $from = $last = $this->times[0];
        foreach ($this->times as $time) {
            if ($time - $last > $this->far) {
                $spans[] = [$from, $last];
                $from = $time;
            }
            $last = $time;
        }
        $spans[] = [$from, $last];

        return TimeSpans::of($spans);
    }

    /** Uses tapped before a moment, those at it included where that is asked for. */
    public function uses(float $time, bool $with): float
    {
        return $this->sums[$this->count($time, $with) - 1] ?? 0.0;
    }

    /** How many there are before a moment, those at it included where that is asked for. */
    private function count(float $time, bool $with): int
    {
        [$low, $high] = [0, count($this->times)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->times[$middle] < $time || ($with && $this->times[$middle] <= $time)) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
