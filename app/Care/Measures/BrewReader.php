<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Models\Entry;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Measure\PotTime;

/** How long a machine takes for a full pot or cup, since it was descaled and before. */
final class BrewReader
{
    /** A descaling that leaves more than this in place leaves no clean machine. */
    private const CLEAN = 0.1;

    /** @var \WeakMap<Machine, PotTime> what was read already */
    private \WeakMap $read;

    public function __construct(private readonly Handbook $handbook, private readonly MeasureReader $measures)
    {
        $this->read = new \WeakMap();
    }

    /** @return array<string, float> share by which it has become slower than clean, by the care task that puts it right */
    public function slow(Machine $machine): array
    {
        $slowed = $this->isTimed($machine) ? $this->potTime($machine)->slowedBy : 0.0;

        return $slowed > 0 ? [$this->handbook->measureModel()->timed['task'] => $slowed] : [];
    }

    public function potTime(Machine $machine): PotTime
    {
        return $this->read[$machine] ??= $this->readTime($machine);
    }

    private function readTime(Machine $machine): PotTime
    {
        $model = $this->handbook->measureModel();
        $times = $this->measures->readings($machine, [$model->timed['measurement']]);

        return PotTime::of(
            array_map(static fn (MeasuredEntry $time): array => [$time->at, (float) $time->payload->number], $times),
            [] === $times ? [] : $this->descalings($machine, $model->timed['task']),
            $model->normalTimes,
        );
    }

    /** Whether lime shows as time on a machine of its kind. */
    public function isTimed(Machine $machine): bool
    {
        $kind = $machine->kindIn($this->handbook);

        return null !== $kind->litresTrait
            && isset($kind->tasks()[$this->handbook->measureModel()->timed['task']]);
    }

    /** @return list<\DateTimeImmutable> when it was descaled, the oldest first */
    private function descalings(Machine $machine, string $task): array
    {
        $query = $machine->entries()->where('kind', EntryKind::Opening)->where('payload->task', $task)
            ->orderBy('happened_at')->orderBy('seq');
        $descalings = [];
        foreach (Entry::inForce($query->get()) as $entry) {
            $payload = $entry->decode();
            if ($payload instanceof Opening && $payload->left->value <= self::CLEAN) {
                $descalings[] = $entry->happened_at->toDateTimeImmutable();
            }
        }

        return $descalings;
    }
}
