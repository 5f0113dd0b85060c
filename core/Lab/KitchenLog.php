<?php

declare(strict_types=1);

namespace GoodRinse\Core\Lab;

use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Logbook\TaskHistory;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;

/**
 * The history of a simulated machine, kept up day by day so that it need not be gathered anew.
 *
 * @internal to this folder
 */
final class KitchenLog
{
    /** @var non-empty-list<OpeningRecord> */
    private array $openings;

    /** @var array<int, float> */
    private array $usesByDay = [];

    private float $usesSince = 0.0;
    private ?Day $countedFrom = null;

    public function __construct(Day $first)
    {
        $this->openings = [new OpeningRecord('0', $first, 0, 0.0, null, Fraction::none())];
    }

    public function opened(Day $day, Fraction $found, Fraction $left): void
    {
        $last = $this->openings[count($this->openings) - 1];
        $this->openings[] = new OpeningRecord((string) count($this->openings), $day, $day->since($last->day), $this->usesSince, $found, $left);
        $this->usesSince = 0.0;
    }

    public function used(Day $day, int $uses): void
    {
        if ($uses > 0) {
            $this->usesByDay[$day->number] = (float) $uses;
            $this->usesSince += $uses;
            $this->countedFrom ??= $day;
        }
    }

    public function history(string $task): MachineHistory
    {
        return new MachineHistory([$task => new TaskHistory($this->openings, $this->usesSince)], $this->usesByDay, $this->countedFrom);
    }
}
