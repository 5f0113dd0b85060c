<?php

declare(strict_types=1);

namespace GoodRinse\Core\Usage;

/** Stretches of time of which counters or people say how much a machine was used, no use counted twice. */
final class UsePieces
{
    /**
     * @param array<string, list<array{float, float}>> $meters
     *
     * @return array{TimeSpans, list<array{float, float, float, string}>, list<array{string, float}>} when they watch,
     *     what they say, what they cannot have shown
     */
    public static function metered(array $meters, float $now, float $most): array
    {
        $tracks = $held = $pieces = [];
        foreach ($meters as $id => $readings) {
            $track = MeterTrack::read((string) $id, $readings, $now, $most);
            $tracks[] = $track;
            foreach ($track->held as $time) {
                $held[] = [$track->id, $time];
            }
        }
        usort($tracks, static fn (MeterTrack $a, MeterTrack $b): int => ($a->accepted[0][0] ?? INF) <=> ($b->accepted[0][0] ?? INF));
        $metered = TimeSpans::of([]);
        foreach ($tracks as $track) {
            $watches = $track->watches();
            if (null === $watches) {
                continue;
            }
            foreach (array_slice($track->accepted, 1) as $i => [$to, $total]) {
                [$from, $before] = $track->accepted[$i];
                array_push($pieces, ...self::shares($from, $to, ($total - $before) / ($to - $from), $metered, $track->id));
            }
            $metered = $metered->plus(...$watches);
        }

        return [$metered, $pieces, $held];
    }

    /**
     * @param list<array{float, float, float}> $told
     *
     * @return array{TimeSpans, list<array{float, float, float, string}>} which time is told of, and what is said
     */
    public static function reported(array $told, TimeSpans $away, TimeSpans $metered, float $now): array
    {
        $pieces = [];
        $covered = $metered;
        $closed = $metered->with($away);
        foreach (array_reverse($told) as [$from, $to, $uses]) {
            $gone = $away->days($from, $to);
            $all = $gone >= $to - $from;
            $density = $uses / ($all ? $to - $from : $to - $from - $gone);
            $end = min($to, $now);
            array_push($pieces, ...self::shares($from, $end, $density, $all ? $covered : $closed, ''));
            [$covered, $closed] = [$covered->plus($from, $end), $closed->plus($from, $end)];
        }

        return [TimeSpans::of(array_map(static fn (array $period): array => [$period[0], min($period[1], $now)], $told)), $pieces];
    }

    /** @return list<array{float, float, float, string}> */
    private static function shares(float $from, float $to, float $density, TimeSpans $but, string $by): array
    {
        return array_map(static fn (array $gap): array => [$gap[0], $gap[1], $density * ($gap[1] - $gap[0]), $by], $but->gaps($from, $to));
    }
}
