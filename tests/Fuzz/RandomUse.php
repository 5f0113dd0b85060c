<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Actions\Logbook\RecordAbsence;
use App\Actions\Logbook\RecordLight;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\Symptom;

/** What happens in a seeded household beside the care itself: absences, symptoms, lights, counters. */
trait RandomUse
{
    private function leave(Machine $machine): void
    {
        $from = $this->today()->plus($this->number(-5, 5));
        app(RecordAbsence::class)->handle($this->person, $this->ulid(), [$machine], $from, $from->plus($this->number(0, 20)), 'sea');
    }

    private function notice(Machine $machine): void
    {
        $symptoms = array_keys($this->handbook->trouble($machine->kind)->symptoms ?? []);
        if ([] !== $symptoms) {
            $task = $this->task($machine);
            $this->write(
                $machine,
                new Symptom((string) $this->pick($symptoms), $task->id, null, null),
                DayOrder::moment($this->today()->plus(-$this->number(0, 4)), $this->clock->now(), $this->home->zone()),
                $task->part,
            );
        }
    }

    private function light(Machine $machine): void
    {
        foreach ($this->kind($machine)->lights($machine->traits) as $light) {
            app(RecordLight::class)->handle($machine, $this->person, $this->ulid(), $light, !$this->chance(3));
        }
    }

    private function meter(Machine $machine): void
    {
        $meter = $this->pick(['one', 'two']);
        $last = Entry::query()->where('machine_id', $machine->id)
            ->where('kind', EntryKind::Meter)
            ->get()
            ->map(static fn (Entry $entry) => $entry->decode())
            ->filter(static fn ($payload): bool => $payload instanceof MeterTotal && $payload->meter === $meter)
            ->last();
        $total = $last instanceof MeterTotal ? $last->total : (float) $this->number(0, 500);
        $this->write($machine, new MeterTotal(
            $this->kind($machine)->useUnit,
            $this->chance(8) ? (float) $this->number(0, 100000) : $total + $this->number(0, 9),
            $meter,
        ));
    }
}
