<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;

/** Gathers a machine's entries into its history: the front door of this folder. */
final readonly class HistoryBuilder
{
    /**
     * @param int      $keepDays days of counted use kept day by day
     * @param Fraction $clogged  what a part counts as at the moment of a symptom it is confirmed to have caused
     */
    public function __construct(private \DateTimeZone $zone, private int $keepDays, private Fraction $clogged)
    {
    }

    /**
     * When nobody was there, as it was known at a moment.
     *
     * @param iterable<Entry> $entries in force
     */
    public static function absences(iterable $entries, \DateTimeImmutable $asOf): Absences
    {
        $spans = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Away && $entry->happenedAt <= $asOf) {
                $spans[] = [$entry->payload->from, $entry->payload->to];
            }
        }

        return new Absences($spans);
    }

    /**
     * @param iterable<Entry>    $entries in force, the oldest happening first, as InForce gives them
     * @param UseTally           $tally   counts of the machine's use
     * @param \DateTimeImmutable $asOf    nothing after this moment is looked at
     * @param \DateTimeImmutable $since   the machine is known; uses of what was never opened count from here
     */
    public function build(iterable $entries, UseTally $tally, \DateTimeImmutable $asOf, \DateTimeImmutable $since, Absences $absences = new Absences()): MachineHistory
    {
        $openings = $snoozes = $symptoms = $said = $lights = [];
        foreach ($entries as $entry) {
            $says = $entry->payload;
            if ($entry->happenedAt > $asOf) {
                continue;
            }
            match (true) {
                $says instanceof Opening => $openings[$says->task][] = [$entry->happenedAt, $entry->id, $says->found, $says->left, false],
                $says instanceof Snooze => $snoozes[$says->task] = [$entry->happenedAt, new SnoozeRecord($entry->id, $says->until, $says->reason)],
                $says instanceof Symptom => $symptoms[$entry->id] = [$entry->happenedAt, $says],
                $says instanceof Confirmation => $said[$says->symptom] = $says,
                $says instanceof Light => $lights[$says->light] = $says->on ? $this->day($entry->happenedAt) : null,
                default => null,
            };
        }
        $opened = array_map(static fn (array $records): \DateTimeImmutable => $records[count($records) - 1][0], $openings);
        foreach ($said as $entry => $confirmation) {
            if ($confirmation->caused && isset($symptoms[$entry])) {
                $openings[$confirmation->task][] = [$symptoms[$entry][0], $entry, $this->clogged, $this->clogged, true];
            }
        }
        $tasks = [];
        foreach (array_keys($openings + $snoozes + $this->pointed($symptoms)) as $task) {
            $snooze = $snoozes[$task] ?? null;
            $tasks[$task] = $this->task(
                $openings[$task] ?? [],
                $tally,
                $asOf,
                $since,
                $absences,
                null !== $snooze && (!isset($opened[$task]) || $snooze[0] > $opened[$task]) ? $snooze[1] : null,
                $this->open(array_diff_key($symptoms, $said), $task, $opened[$task] ?? null),
            );
        }

        return new MachineHistory(
            $tasks,
            $tally->byDay($this->day($asOf)->plus(-$this->keepDays)),
            $tally->countedFrom(),
            $tally->between(min($since, $asOf)->getTimestamp(), $asOf->getTimestamp()),
            $absences,
            array_filter($lights),
        );
    }

    /**
     * @param list<array{\DateTimeImmutable, string, Fraction|null, Fraction, bool}> $openings when, entry, found, left, whether a symptom told it
     * @param list<SymptomRecord>                                                    $symptoms
     */
    private function task(array $openings, UseTally $tally, \DateTimeImmutable $asOf, \DateTimeImmutable $since, Absences $absences, ?SnoozeRecord $snooze, array $symptoms): TaskHistory
    {
        usort($openings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $records = [];
        $before = $last = null;
        foreach ($openings as [$at, $entry, $found, $left, $symptom]) {
            $day = $this->day($at);
            $records[] = new OpeningRecord(
                $entry,
                $day,
                null === $last ? 0 : $day->since($last),
                null === $before ? 0.0 : $tally->between($before->getTimestamp(), $at->getTimestamp()),
                $found,
                $left,
                null === $last ? 0 : $absences->days($last, $day),
                $symptom,
            );
            [$before, $last] = [$at, $day];
        }

        return new TaskHistory($records, $tally->between(($before ?? min($since, $asOf))->getTimestamp(), $asOf->getTimestamp()), $snooze, $symptoms);
    }

    /**
     * @param array<string, array{\DateTimeImmutable, Symptom}> $symptoms by entry
     *
     * @return array<string, true> by the task they point to
     */
    private function pointed(array $symptoms): array
    {
        $tasks = [];
        foreach ($symptoms as [, $symptom]) {
            if (null !== $symptom->task) {
                $tasks[$symptom->task] = true;
            }
        }

        return $tasks;
    }

    /**
     * @param array<string, array{\DateTimeImmutable, Symptom}> $symptoms about which nobody has said anything, by entry
     *
     * @return list<SymptomRecord>
     */
    private function open(array $symptoms, string $task, ?\DateTimeImmutable $opened): array
    {
        $records = [];
        foreach ($symptoms as $entry => [$at, $symptom]) {
            if ($symptom->task === $task) {
                $records[] = new SymptomRecord($entry, $symptom->symptom, $task, $this->day($at), null !== $opened && $opened > $at);
            }
        }

        return $records;
    }

    private function day(\DateTimeImmutable $at): Day
    {
        return Day::at($at, $this->zone);
    }
}
