<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Models\Machine;
use GoodRinse\Core\Flow\CupReading;
use GoodRinse\Core\Flow\CupResult;
use GoodRinse\Core\Flow\CupTest;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measured\CupRecord;

/** Judges the cup tests of a machine against its best one with everything clean. */
final readonly class CupReader
{
    /** Readings of a round's cup, one a minute from the first. */
    private const IN_ROUNDS = ['cup-first', 'cup-second'];

    public function __construct(private Handbook $handbook, private MeasureReader $measures)
    {
    }

    /**
     * @return array{list<array{MeasuredEntry<CupRecord>, CupResult}>, float|null} tests, the oldest first, each against what
     *     was the baseline then; and the baseline now, in ml a minute
     */
    public function tests(Machine $machine): array
    {
        $test = new CupTest($this->handbook->measureModel()->flow);
        $baseline = null;
        $judged = [];
        foreach ($this->looked($machine) as $entry) {
            if ($entry->payload->clean) {
                $rate = $test->judge($entry->payload->looks, null)->rate;
                $baseline = $rate > 0 ? max($baseline ?? 0.0, $rate) : $baseline;
            }
            $judged[] = [$entry, $test->judge($entry->payload->looks, $baseline)];
        }

        return [$judged, $baseline];
    }

    /**
     * Tests on the page and looks at a cup in a round, the oldest first.
     *
     * @return list<MeasuredEntry<CupRecord>>
     */
    private function looked(Machine $machine): array
    {
        $rounds = [];
        foreach ($this->measures->readings($machine, self::IN_ROUNDS) as $look) {
            $minute = (float) array_search($look->payload->what, self::IN_ROUNDS, true) + 1;
            $rounds[$look->round ?? $look->id][(string) $minute] = $look;
        }
        $tests = $this->measures->cups($machine);
        foreach ($rounds as $looks) {
            ksort($looks);
            $readings = [new CupReading(0.0, 0.0)];
            foreach ($looks as $minute => $look) {
                $readings[] = new CupReading((float) $minute, (float) $look->payload->number);
            }
            $last = $looks[array_key_last($looks)];
            $most = max(array_map(static fn (CupReading $reading): float => $reading->ml, $readings));
            $tests[] = new MeasuredEntry($last->id, $last->at, new CupRecord($readings, $most + 1, '', false), $last->round, $last->step);
        }
        usort($tests, static fn (MeasuredEntry $a, MeasuredEntry $b): int => $a->at <=> $b->at);

        return $tests;
    }
}
