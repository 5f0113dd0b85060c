<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Trace;
use App\Support\DerivedUlid;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Fix;
use GoodRinse\Core\Logbook\Payload\Symptom;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Simulation\SimulatedEvent;

/** What is being looked into in the demo household, and what was put right there. */
final readonly class DemoTraces
{
    /** The ids of its traces follow from this one, so that it is the same whenever it is loaded. */
    private const TRACES = '01J00000000000000000000000';

    public function __construct(private LabHousehold $lab)
    {
    }

    /** One symptom that is being looked into, and one that was put right and has not been asked after. */
    public function load(Household $home, Day $today): void
    {
        $cabin = $home->machines()->where('name', 'Skerry 45')->firstOrFail();
        $open = $this->noticed($home, $cabin, 'upper-dirty', $today->plus(-2)->atTime(19, 5, $home->zone()));
        $open->update([
            'steps' => [['kind' => Trace::ANSWER, 'id' => 'arm-hit', 'result' => 'clear', 'at' => $open->begun_at->format('Y-m-d H:i:s')]],
        ]);

        $pot = $home->machines()->where('name', 'Morning Pot')->firstOrFail();
        $descaled = $pot->entries()
            ->where('kind', EntryKind::Opening)
            ->where('payload->task', 'descale')
            ->orderByDesc('happened_at')
            ->firstOrFail()->happened_at;
        $fixed = $this->noticed($home, $pot, 'slow', $descaled->modify('-1 day')->toDateTimeImmutable());
        $fixed->update(['ended_at' => $descaled, 'ended_how' => Trace::FIXED, 'fixed_by' => 'descale-run', 'cause' => 'scale']);
        $this->lab->live($home, $pot, [new SimulatedEvent($descaled->toDateTimeImmutable(), new Fix('descale-run', 'scale', $fixed->id))]);
    }

    private function noticed(Household $home, Machine $machine, string $symptom, \DateTimeImmutable $at): Trace
    {
        $this->lab->live($home, $machine, [new SimulatedEvent($at, new Symptom($symptom))]);
        $entry = $machine->entries()->where('kind', EntryKind::Symptom)->latest('seq')->firstOrFail()->id;

        $trace = new Trace([
            'household_id' => $home->id,
            'machine_id' => $machine->id,
            'symptoms' => [['symptom' => $symptom, 'entry' => $entry]],
            'steps' => [],
            'begun_at' => $at->format('Y-m-d H:i:s'),
        ]);
        $trace->id = DerivedUlid::of(self::TRACES, $symptom);
        $trace->save();

        return $trace;
    }
}
