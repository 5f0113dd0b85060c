<?php

declare(strict_types=1);

namespace Tests\Core\Usage;

/** The rules of use written out once more, slowly: every stretch between two moments that matter is looked at by itself. */
final readonly class UseReference
{
    /**
     * @var list<array{id: string, at: list<array{float, float}>, first: float, from: float, to: float}> those that
     *     accepted anything, the highest rank first
     */
    public array $meters;

    /** @var list<array{string, float}> */
    public array $held;

    /** @var list<array{float, float}> */
    public array $taps;

    /**
     * @param array{taps: list<array{float, float}>, told: list<array{float, float, float}>, meters: array<string,
     *     list<array{float, float}>>, away: list<array{float, float}>} $said
     */
    public function __construct(private array $said, private float $now, private float $habit, private float $most)
    {
        $meters = $held = [];
        foreach ($said['meters'] as $id => $readings) {
            usort($readings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $accepted = [];
            foreach ($readings as [$t, $total]) {
                $last = end($accepted);
                if ($t > $now) {
                    continue;
                }
                if (false !== $last && ($total < $last[1] || $total > $last[1] + 5 * $most * max($t - $last[0], 1))) {
                    $held[] = [(string) $id, $t];
                } else {
                    $accepted[] = [$t, $total];
                }
            }
            if (count($accepted) > 1) {
                $meters[] = [
                    'id' => (string) $id,
                    'at' => $accepted,
                    'first' => $accepted[0][0],
                    'from' => $accepted[0][0],
                    'to' => end($accepted)[0],
                ];
            }
        }
        usort($meters, static fn (array $a, array $b): int => $a['first'] <=> $b['first']);
        $this->meters = $meters;
        $this->held = $held;
        $taps = array_filter($said['taps'], fn (array $tap): bool => $tap[0] <= $now && !$this->metered($tap[0]) && [] === array_filter(
            $said['told'],
            static fn (array $told): bool => $tap[0] >= $told[0] && $tap[0] < $told[1],
        ));
        usort($taps, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $this->taps = $taps;
    }

    private function metered(float $t): bool
    {
        return [] !== array_filter($this->meters, static fn (array $meter): bool => $t >= $meter['from'] && $t <= $meter['to']);
    }

    /** @return list<float> */
    private function moments(float $from, float $to): array
    {
        $moments = [$from, $to];
        foreach ($this->meters as $meter) {
            array_push($moments, ...array_column($meter['at'], 0));
        }
        foreach ([...$this->said['told'], ...$this->said['away']] as $span) {
            array_push($moments, $span[0], $span[1]);
        }
        array_push($moments, ...array_column($this->taps, 0));
        $moments = array_values(array_unique(array_filter($moments, static fn (float $t): bool => $t >= $from && $t <= $to), SORT_REGULAR));
        sort($moments);

        return $moments;
    }

    private function away(float $t): bool
    {
        return [] !== array_filter($this->said['away'], static fn (array $span): bool => $t >= $span[0] && $t < $span[1]);
    }

    /** Uses a day in the middle of a stretch in which nothing changes; null where nobody was watching. */
    private function density(float $t): ?float
    {
        foreach ($this->meters as $meter) {
            foreach (array_slice($meter['at'], 1) as $i => [$to, $total]) {
                [$from, $before] = $meter['at'][$i];
                if ($t >= $from && $t < $to) {
                    return ($total - $before) / ($to - $from);
                }
            }
        }
        foreach (array_reverse($this->said['told']) as [$from, $to, $uses]) {
            if ($t >= $from && $t < $to) {
                $here = 0.0;
                $cuts = [$from, $to];
                foreach ($this->said['away'] as $span) {
                    array_push($cuts, ...array_filter($span, static fn (float $cut): bool => $cut > $from && $cut < $to));
                }
                sort($cuts);
                foreach (array_slice($cuts, 1) as $i => $cut) {
                    $here += $this->away(($cuts[$i] + $cut) / 2) ? 0.0 : $cut - $cuts[$i];
                }
                if ($here < 1e-12) {
                    return $uses / ($to - $from);
                }

                return $this->away($t) ? 0.0 : $uses / $here;
            }
        }
        if ($this->away($t)) {
            return 0.0;
        }
        $reach = $this->habit > 0 ? max(3, 3 / $this->habit) : 3;
        foreach (array_slice($this->taps, 1) as $i => [$next]) {
            if ($t >= $this->taps[$i][0] && $t < $next && $next - $this->taps[$i][0] <= $reach) {
                return 0.0;
            }
        }

        return null;
    }

    /** @return array{float, float} known uses and unwatched days, taps at the end but not at the beginning included unless of a day */
    public function between(float $from, float $to, bool $ofDay = false): array
    {
        [$uses, $unwatched] = [0.0, 0.0];
        $moments = $this->moments($from, min($to, $this->now));
        foreach (array_slice($moments, 1) as $i => $next) {
            $density = $this->density(($moments[$i] + $next) / 2);
            $uses += ($density ?? 0.0) * ($next - $moments[$i]);
            $unwatched += null === $density ? $next - $moments[$i] : 0.0;
        }
        foreach ($this->taps as [$t, $n]) {
            $uses += ($ofDay ? $t >= $from && $t < $to : $t > $from && $t <= $to) ? $n : 0.0;
        }

        return [$uses, $unwatched];
    }

    /** @return array{float, int} */
    public function rate(): array
    {
        $today = (int) floor($this->now);
        [$sum, $weight, $days] = [0.0, 0.0, 0];
        for ($d = $today - 120; $d < $today; ++$d) {
            $touched = [] !== array_filter($this->said['away'], static fn (array $span): bool => $span[0] < $d + 1 && $span[1] > $d);
            [$uses, $unwatched] = $this->between($d, $d + 1, true);
            if (!$touched && $unwatched < 1e-12) {
                $k = 0.5 ** (($today - $d) / 30);
                [$sum, $weight, $days] = [$sum + $k * $uses, $weight + $k, $days + 1];
            }
        }

        return [$days < 14 ? $this->habit : $sum / $weight, $days];
    }
}
