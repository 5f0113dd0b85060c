<?php

declare(strict_types=1);

namespace GoodRinse\Core\Simulation;

use GoodRinse\Core\Handbook\Care\RhythmModel;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Logbook\TaskHistory;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Usage\UseRecord;
use GoodRinse\Core\Usage\UseTimeline;

/**
 * The history of a simulated machine, kept up day by day so that it need not be gathered anew.
 *
 * @internal to this folder
 */
final class KitchenLog
{
    /** A look in the evening, when the day's uses are made. */
    private const EVENING = 1439 / 1440;

    /** @var non-empty-list<array{Day, float, Fraction|null, Fraction}> day, time, found and left */
    private array $openings;

    /** @var list<array{float, float}> */
    private array $taps = [];

    /** @param float $opened time of the first opening, in days */
    public function __construct(
        Day $first,
        float $opened,
        private readonly float $habit,
        private readonly float $most,
        private readonly RhythmModel $model,
    ) {
        $this->openings = [[$first, $opened, null, Fraction::none()]];
    }

    /** @param float $at in days */
    public function opened(Day $day, float $at, Fraction $found, Fraction $left): void
    {
        $this->openings[] = [$day, $at, $found, $left];
    }

    /** @param list<float> $times in days */
    public function used(array $times): void
    {
        foreach ($times as $time) {
            $this->taps[] = [$time, 1.0];
        }
    }

    /** As it is known on the evening of a day. */
    public function history(string $task, Day $day): MachineHistory
    {
        $now = $day->number + self::EVENING;
        $line = UseTimeline::of(new UseRecord($this->taps), $now, $this->habit, $this->most, $this->model);
        $records = [];
        foreach ($this->openings as $i => [$on, $at, $found, $left]) {
            $before = $this->openings[$i - 1] ?? null;
            $records[] = new OpeningRecord(
                (string) $i,
                $on,
                null === $before ? 0 : $on->since($before[0]),
                null === $before ? 0.0 : $line->between($before[1], $at),
                $found,
                $left,
            );
        }

        return new MachineHistory(
            [$task => new TaskHistory($records, $line->between($this->openings[count($this->openings) - 1][1], $now))],
            null,
            $line->rate(),
            $line->isMeasured(),
        );
    }
}
