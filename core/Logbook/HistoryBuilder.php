<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Logbook\Payload\Absence;
use GoodRinse\Core\Logbook\Payload\Confirmation;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Snooze;
use GoodRinse\Core\Logbook\Payload\Symptom;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Usage\UseTimeline;

/** Gathers a machine's entries into its history: the front door of this folder. */
final readonly class HistoryBuilder
{
    private const WEEK = 7;

    /** @param Fraction $clogged what a part counts as at the moment of a symptom it is confirmed to have caused */
    public function __construct(private LocalDays $days, private Fraction $clogged)
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
            if ($entry->payload instanceof Absence && $entry->happenedAt <= $asOf) {
                $spans[] = [$entry->payload->from, $entry->payload->to];
            }
        }

        return new Absences($spans);
    }

    /**
     * @param iterable<Entry> $entries in force, the oldest happening first, as InForce gives them
     * @param UseTimeline $use of the machine, up to this moment
     * @param \DateTimeImmutable $asOf nothing after this moment is looked at
     * @param array<string, PackedOpenings> $old openings that are computed already, by task, the oldest first; of them
     *     only the last of each task has to be among the entries
     * @param \DateTimeImmutable $since the machine is known; uses of what was never opened count from here
     * @param string|null $only care task that is wanted; null for all
     */
    public function build(
        iterable $entries,
        UseTimeline $use,
        \DateTimeImmutable $asOf,
        \DateTimeImmutable $since,
        Absences $absences = new Absences(),
        array $old = [],
        ?string $only = null,
    ): MachineHistory {
        $openings = $opened = $snoozes = $symptoms = $confirmed = $lights = [];
        $place = 0; // in the one order that decides what came after what
        foreach ($entries as $entry) {
            ++$place;
            $payload = $entry->payload;
            if ($entry->happenedAt > $asOf) {
                continue;
            }
            match (true) {
                $payload instanceof Opening => $openings[$payload->task][] = [
                    $entry->happenedAt,
                    $entry->id,
                    $payload->found,
                    $payload->left,
                    false,
                    $payload->isMeasured(),
                ],
                $payload instanceof Snooze => $snoozes[$payload->task] = [
                    $place,
                    new SnoozeRecord($entry->id, $payload->until, $payload->reason),
                ],
                $payload instanceof Symptom => $symptoms[$entry->id] = [$entry->happenedAt, $payload, $place],
                $payload instanceof Confirmation => $confirmed[$payload->symptom] = $payload,
                $payload instanceof IndicatorLight => $lights[$payload->light] = $payload->on
                    ? [$this->day($entry->happenedAt), $place]
                    : null,
                default => null,
            };
            if ($payload instanceof Opening) {
                $opened[$payload->task] = $place;
            }
        }
        $lights = array_filter($lights);
        foreach ($confirmed as $entry => $confirmation) {
            if ($confirmation->caused && isset($symptoms[$entry])) {
                $openings[$confirmation->task][] = [$symptoms[$entry][0], $entry, $this->clogged, $this->clogged, true, false];
            }
        }
        $tasks = [];
        foreach (null === $only ? array_keys($openings + $snoozes + $this->pointed($symptoms)) : [$only] as $task) {
            $snooze = $snoozes[$task] ?? null;
            $tasks[$task] = $this->task(
                $openings[$task] ?? [],
                $use,
                $since,
                $absences,
                null !== $snooze && $snooze[0] > ($opened[$task] ?? 0) ? $snooze[1] : null,
                $this->open(array_diff_key($symptoms, $confirmed), $task, $opened[$task] ?? 0),
                isset($old[$task]) ? $old[$task]->openings() : [],
                array_keys(array_filter($lights, static fn (array $lit): bool => $lit[1] < ($opened[$task] ?? 0))),
            );
        }
        $known = $this->times($since);

        return new MachineHistory(
            $tasks,
            $use->isKnown($use->now - self::WEEK, $use->now) ? $use->counted($use->now - self::WEEK, $use->now) : null,
            $use->rate(),
            $use->isMeasured(),
            $use->counted($known[0], $use->now) + self::estimated($use, $known[1], $use->now),
            self::estimated($use, $known[1], $use->now),
            $absences,
            array_map(static fn (array $lit): Day => $lit[0], $lights),
        );
    }

    /**
     * @param list<array{\DateTimeImmutable, string, Fraction|null, Fraction, bool, bool}> $openings when, entry, found, left,
     *     whether a symptom told it, whether it was measured
     * @param list<SymptomRecord> $symptoms
     * @param list<OpeningRecord> $old computed already
     * @param list<string> $answered lights that it was opened after
     */
    private function task(
        array $openings,
        UseTimeline $use,
        \DateTimeImmutable $since,
        Absences $absences,
        ?SnoozeRecord $snooze,
        array $symptoms,
        array $old,
        array $answered,
    ): TaskHistory {
        usort($openings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $records = $old;
        $known = $old[count($old) - 1]->entry ?? null;
        $before = $last = null;
        foreach ($openings as [$at, $entry, $found, $left, $symptom, $measured]) {
            $time = $this->times($at);
            $day = Day::numbered((int) floor($time[0]));
            if ($entry === $known) {
                [$before, $last] = [$time, $day];
                continue;
            }
            $estimated = null === $before ? 0.0 : self::estimated($use, $before[1], $time[1]);
            $records[] = new OpeningRecord(
                entry: $entry,
                day: $day,
                days: null === $last ? 0 : $day->since($last),
                uses: null === $before ? 0.0 : $use->counted($before[0], $time[0]) + $estimated,
                found: $found,
                left: $left,
                absent: null === $last ? 0 : $absences->days($last, $day),
                symptom: $symptom,
                estimated: $estimated,
                measured: $measured,
            );
            [$before, $last] = [$time, $day];
        }
        $before ??= $this->times($since);
        $estimated = self::estimated($use, $before[1], $use->now);

        return new TaskHistory($records, $use->counted($before[0], $use->now) + $estimated, $snooze, $symptoms, $estimated, $answered);
    }

    /**
     * Where a moment stands in the order of its day, and where it is taken to have been for what nobody counted: a day
     * whose hour nobody knows is taken at its middle.
     *
     * @return array{float, float} in days
     */
    private function times(\DateTimeImmutable $at): array
    {
        $time = $this->days->of($at);

        return [$time, DayOrder::isWhole($at, $this->days->zone) ? floor($time) + 0.5 : $time];
    }

    /** Uses that nobody counted; none within one day, of which nothing is assumed. */
    private static function estimated(UseTimeline $use, float $after, float $upTo): float
    {
        return floor($after) === floor($upTo) ? 0.0 : $use->estimated($after, $upTo);
    }

    /**
     * @param array<string, array{\DateTimeImmutable, Symptom, int}> $symptoms by entry
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
     * @param array<string, array{\DateTimeImmutable, Symptom, int}> $symptoms about which nobody has said anything, by
     *     entry, each with its place
     * @param int $opened place at which the task was done last; 0 when it never was
     *
     * @return list<SymptomRecord>
     */
    private function open(array $symptoms, string $task, int $opened): array
    {
        $records = [];
        foreach ($symptoms as $entry => [$at, $symptom, $place]) {
            if ($symptom->task === $task) {
                $records[] = new SymptomRecord($entry, $symptom->symptom, $task, $this->day($at), $opened > $place);
            }
        }

        return $records;
    }

    private function day(\DateTimeImmutable $at): Day
    {
        return Day::at($at, $this->days->zone);
    }
}
