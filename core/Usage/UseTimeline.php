<?php

declare(strict_types=1);

namespace GoodRinse\Core\Usage;

use GoodRinse\Core\Handbook\Care\RhythmModel;

/**
 * How much a machine was used: known in time that was watched, and in the rest what its rate makes it.
 *
 * Counters come before numbers that were told for a period, those before single taps, and no use is counted twice.
 * Time in which nobody was there is watched and brings nothing. Times are days with fractions, day d being [d, d + 1).
 */
final class UseTimeline
{
    /** @var array<int, float> */
    private array $rates = [];

    /** @var array<int, float|null> uses of days that rates may be told from */
    private array $days = [];

    /**
     * @param list<array{float, float, float, string}> $pieces from, to, uses and how it is known, apart and in order
     * @param list<float> $sums uses before each piece
     * @param list<array{string, float}> $held counter and time of readings that cannot be
     */
    private function __construct(
        private readonly RhythmModel $model,
        public readonly float $now,
        private readonly float $habit,
        public readonly TapTrack $taps,
        public readonly array $pieces,
        private readonly array $sums,
        private readonly TimeSpans $watched,
        private readonly TimeSpans $away,
        public readonly array $held,
    ) {
    }

    /**
     * @param float $now days; nothing after it counts
     * @param float $habit uses a day that the household says it makes, 0 or more
     * @param float $most uses a day that the machine can make, above 0
     */
    public static function of(UseRecord $record, float $now, float $habit, float $most, RhythmModel $model): self
    {
        $away = TimeSpans::of($record->away);
        [$metered, $byMeters, $held] = UsePieces::metered($record->meters, $now, $most);
        [$told, $byTold] = UsePieces::reported($record->told, $away, $metered, $now);
        $taps = ($record->earlier ?? TapTrack::begin($habit))->with($record->taps, $now, $metered, $told);
        $pieces = [...$byMeters, ...$byTold];
        usort($pieces, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$sum, $sums] = [0.0, []];
        foreach ($pieces as [, , $uses]) {
            $sums[] = $sum;
            $sum += $uses;
        }
        $gone = TimeSpans::of(array_map(static fn (array $span): array => [$span[0], min($span[1], $now)], $away->spans));

        return new self(
            model: $model,
            now: $now,
            habit: $habit,
            taps: $taps,
            pieces: $pieces,
            sums: $sums,
            watched: $metered->with($told)->with($taps->watched())->with($gone),
            away: $away,
            held: $held,
        );
    }

    /** Uses after one moment and up to another that are known. */
    public function counted(float $after, float $upTo): float
    {
        return $upTo <= $after
            ? 0.0
            : $this->spread($upTo) - $this->spread($after) + $this->taps->uses($upTo, true) - $this->taps->uses($after, true);
    }

    /** Days after one moment and up to another of which nobody told. */
    public function unwatched(float $after, float $upTo): float
    {
        return $upTo <= $after ? 0.0 : max(0.0, $upTo - $after - $this->watched->days($after, $upTo));
    }

    /** Uses that are thought to have been made in time that nobody told of, at the rate of its last day. */
    public function estimated(float $after, float $upTo): float
    {
        $days = $this->unwatched($after, $upTo);

        return $days > 0 ? $days * $this->rateOn((int) floor($upTo)) : 0.0;
    }

    /** Uses after one moment and up to another, known and estimated. */
    public function between(float $after, float $upTo): float
    {
        return $this->counted($after, $upTo) + $this->estimated($after, $upTo);
    }

    /** Uses a day, today. */
    public function rate(): float
    {
        return $this->rateOn((int) floor($this->now));
    }

    /** Uses a day, from whole days before that one that were watched and on which somebody was there; the habit while they are few. */
    public function rateOn(int $day): float
    {
        return $this->rates[$day] ??= $this->weighed($day);
    }

    private function weighed(int $day): float
    {
        [$uses, $weight, $days] = [0.0, 0.0, 0];
        for ($d = $day - $this->model->usageWindowDays; $d < $day; ++$d) {
            $made = $this->whole($d);
            if (null !== $made) {
                $fade = 0.5 ** (($day - $d) / $this->model->usageHalfLifeDays);
                $uses += $fade * $made;
                $weight += $fade;
                ++$days;
            }
        }

        return $days < $this->model->usageMinCountedDays ? $this->habit : $uses / $weight;
    }

    /** Whether there are enough days to tell the rate from. */
    public function isMeasured(): bool
    {
        return $this->watchedDays() >= $this->model->usageMinCountedDays;
    }

    /** Days that today's rate is told from. */
    public function watchedDays(): int
    {
        $today = (int) floor($this->now);
        $days = 0;
        for ($d = $today - $this->model->usageWindowDays; $d < $today; ++$d) {
            $days += null === $this->whole($d) ? 0 : 1;
        }

        return $days;
    }

    /** Uses of a day that was watched whole and on which nobody was away; null of any other. */
    private function whole(int $day): ?float
    {
        if (!array_key_exists($day, $this->days)) {
            $this->days[$day] = $this->watched->cover($day, $day + 1) && !$this->away->touch($day, $day + 1) ? $this->on($day) : null;
        }

        return $this->days[$day];
    }

    /** Whether anything is known of a stretch of time. */
    public function isKnown(float $after, float $upTo): bool
    {
        return $this->unwatched($after, $upTo) < $upTo - $after || $this->taps->uses($upTo, true) > $this->taps->uses($after, true);
    }

    /** Known uses of a day. */
    public function on(int $day): float
    {
        return $this->spread($day + 1) - $this->spread($day) + $this->taps->uses($day + 1, false) - $this->taps->uses($day, false);
    }

    /** How a day was used, and how that is known; what nobody told of is estimated up to now. */
    public function story(int $day): UseDay
    {
        [$metered, $told] = [0.0, 0.0];
        foreach ($this->pieces as [$from, $to, $uses, $by]) {
            $share = max(0.0, min($to, $day + 1) - max($from, $day)) / ($to - $from) * $uses;
            [$metered, $told] = '' === $by ? [$metered, $told + $share] : [$metered + $share, $told];
        }

        return new UseDay(
            $metered + $this->taps->uses($day + 1, false) - $this->taps->uses($day, false),
            $told,
            $this->estimated($day, min($day + 1, $this->now)),
            $this->away->touch($day, $day + 1),
            $this->unwatched($day, $day + 1) < 1,
        );
    }

    private function spread(float $time): float
    {
        [$low, $high] = [0, count($this->pieces)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->pieces[$middle][0] <= $time) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        if (0 === $low) {
            return 0.0;
        }
        [$from, $to, $uses] = $this->pieces[$low - 1];

        return $this->sums[$low - 1] + ($time >= $to ? $uses : $uses * ($time - $from) / ($to - $from));
    }
}
