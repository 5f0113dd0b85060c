<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Care\ClockBounds;
use GoodRinse\Core\Handbook\Care\DoseModel;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\Absences;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Hardness;
use GoodRinse\Core\Rhythm\Learning\Observation;

/** Sets up the clocks of a care task from the handbook, the household and what the logbook holds. */
final readonly class TaskClocks
{
    public const LITRES = 'litres';

    private Descaling $descaling;

    public function __construct(private DoseModel $doses)
    {
        $this->descaling = new Descaling($doses);
    }

    /** @return list<Clock> */
    public function for(MachineKind $kind, CareTask $task, CareSettings $settings, MachineHistory $history, Day $asOf): array
    {
        $declared = $kind->declaredUsesPerDay($settings->habits);
        $start = $this->starting($kind, $task, $settings);
        $clocks = [];
        $own = self::own($task->clocks, $settings->own);
        foreach ($task->clocks as $bounds) {
            if ($own->isKept() && $bounds->unit !== $own->unit) {
                continue; // what is kept at so many days is not measured in uses as well
            }
            $worth = $this->worth($bounds->unit, $kind, $settings);
            if (Clock::DAYS === $bounds->unit) {
                $clocks[] = $this->days($bounds, $this->inDays($start, $settings, $declared), $task, $settings, $own, $history, $asOf);
            } elseif (null !== $worth && $declared > 0) {
                $past = $history->task($task->id);
                [$least, $most] = self::bounds($bounds, $own, $worth * $history->rate);
                $clocks[] = new Clock(
                    unit: $bounds->unit,
                    start: $own->count ?? $this->inUses($start, $settings, $declared) * $worth,
                    least: $least,
                    most: $most,
                    rate: $worth * $history->rate,
                    elapsed: $worth * $past->usesSince,
                    observations: $this->observations(
                        $past->openings,
                        static fn (OpeningRecord $opening): float => $worth * $opening->uses,
                    ),
                    absences: $history->absences,
                    kept: $own->isKept(),
                );
            }
        }

        return $clocks;
    }

    /** What the first interval is, as the school and the habits put it. */
    public function starting(MachineKind $kind, CareTask $task, CareSettings $settings): StartingInterval
    {
        $school = $task->school($settings->school, $settings->habits);
        $picked = $school->id === $settings->school;
        $for = $picked ? [] : $task->proposedFor($settings->habits);
        $whole = static fn (float $base): float => max(1.0, round($base));
        if (null !== $school->litres && null !== $settings->litresPerUse) {
            return new StartingInterval(
                $whole($school->litres),
                self::LITRES,
                $school->id,
                $school->litres,
                $for,
                $picked,
                litres: $settings->litresPerUse,
            );
        }
        if (null !== $school->start) {
            $hardness = $settings->hardness ?? Hardness::mgPerLitre($this->doses->brewLimit['hardness']);
            $litres = $settings->litresPerUse ?? $this->doses->brewLimit['brewLitres'];
            $limit = $this->descaling->brewLimit($hardness, $litres);

            return new StartingInterval(
                count: $whole($limit),
                unit: $kind->useUnit,
                school: $school->id,
                base: $limit,
                for: $for,
                picked: $picked,
                hardness: $hardness->mgPerLitre,
                litres: $litres,
                guessed: null === $settings->hardness,
            );
        }
        if (null !== $school->uses) {
            return new StartingInterval($whole($school->uses), $kind->useUnit, $school->id, $school->uses, $for, $picked);
        }
        if (null !== $school->days) {
            return new StartingInterval($whole($school->days), Clock::DAYS, $school->id, $school->days, $for, $picked);
        }
        $longest = $task->clocks[0];

        return new StartingInterval($longest->most, $longest->unit, $school->id, null, $for, $picked);
    }

    private function days(
        ClockBounds $bounds,
        ?float $start,
        CareTask $task,
        CareSettings $settings,
        OwnRhythm $own,
        MachineHistory $history,
        Day $asOf,
    ): Clock {
        $past = $history->task($task->id);
        $stands = $bounds->idle ? new Absences() : $history->absences;
        $from = $past->last()->day ?? $settings->since ?? $asOf;
        [$least, $most] = self::bounds($bounds, $own, 1.0);

        return new Clock(
            unit: $bounds->unit,
            start: $own->count ?? $start ?? $bounds->most,
            least: $least,
            most: $most,
            rate: 1.0,
            elapsed: max(0, $asOf->since($from) - $stands->days($from, $asOf)),
            observations: $this->observations(
                $past->openings,
                static fn (OpeningRecord $opening): float => (float) ($opening->days - ($bounds->idle ? 0 : $opening->absent)),
            ),
            absences: $stands,
            kept: $own->isKept(),
        );
    }

    /**
     * What is wanted of a task, as far as it has a clock of that unit.
     *
     * @param non-empty-list<ClockBounds> $clocks
     */
    private static function own(array $clocks, OwnRhythm $own): OwnRhythm
    {
        return in_array($own->unit, array_map(static fn (ClockBounds $clock): string => $clock->unit, $clocks), true)
            ? $own
            : $own->keptAt(null, null);
    }

    /**
     * @param float $rate uses a day that turn the household's own days into uses
     *
     * @return array{float, float}
     */
    private static function bounds(ClockBounds $bounds, OwnRhythm $own, float $rate): array
    {
        if ($own->isKept()) {
            return [min($bounds->least, (float) $own->count), max($bounds->most, (float) $own->count)];
        }
        $least = null === $own->least || $rate <= 0 ? $bounds->least : $own->least * $rate;
        $most = null === $own->most || $rate <= 0 ? $bounds->most : $own->most * $rate;

        return [min($least, $most), max($least, $most)];
    }

    /** How much of a clock's unit one use is; null for a unit this machine has no measure of. */
    private function worth(string $unit, MachineKind $kind, CareSettings $settings): ?float
    {
        return match (true) {
            $unit === $kind->useUnit => 1.0,
            self::LITRES === $unit => $settings->litresPerUse,
            default => null,
        };
    }

    /** The start in whole days, at least 1; null when it counts uses and there are none. */
    private function inDays(StartingInterval $start, CareSettings $settings, float $declared): ?float
    {
        if (Clock::DAYS === $start->unit) {
            return $start->count;
        }
        $uses = self::LITRES === $start->unit ? $start->count / ($settings->litresPerUse ?? 1.0) : $start->count;

        return $declared > 0 ? max(1.0, round($uses / $declared)) : null;
    }

    /** @param float $declared uses a day, above 0 */
    private function inUses(StartingInterval $start, CareSettings $settings, float $declared): float
    {
        return match ($start->unit) {
            Clock::DAYS => $start->count * $declared,
            self::LITRES => $start->count / ($settings->litresPerUse ?? 1.0),
            default => $start->count,
        };
    }

    /**
     * An opening that nobody looked at only says what was left; it teaches nothing.
     *
     * @param list<OpeningRecord> $openings
     * @param \Closure(OpeningRecord): float $uses since the opening before, in the clock's unit
     *
     * @return list<Observation>
     */
    private function observations(array $openings, \Closure $uses): array
    {
        return array_map(
            static fn (OpeningRecord $opening): Observation => new Observation(
                null === $opening->found ? 0.0 : max(0.0, $uses($opening)),
                $opening->found ?? $opening->left,
                $opening->left,
                $opening->measured,
            ),
            $openings,
        );
    }
}
