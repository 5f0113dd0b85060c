<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Models\Machine;
use GoodRinse\Core\Flow\CupResult;
use GoodRinse\Core\Flow\CupTest;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measured\CupRecord;

/** Judges the cup tests of a machine against its best one with everything clean. */
final readonly class CupReader
{
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
        foreach ($this->measures->cups($machine) as $entry) {
            if ($entry->payload->clean) {
                $rate = $test->judge($entry->payload->looks, null)->rate;
                $baseline = $rate > 0 ? max($baseline ?? 0.0, $rate) : $baseline;
            }
            $judged[] = [$entry, $test->judge($entry->payload->looks, $baseline)];
        }

        return [$judged, $baseline];
    }
}
