<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\ClockBounds;
use GoodRinse\Core\Handbook\DoseModel;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\Absences;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Hardness;

/** Sets up the clocks of a care task from the handbook, the household and what the logbook holds. */
final readonly class TaskClocks
{
    private const LITRES = 'litres';

    private Descaling $descaling;

    public function __construct(private DoseModel $doses)
    {
        $this->descaling = new Descaling($doses);
    }

    /** @return list<Clock> */
    public function for(MachineKind $kind, CareTask $task, CareSettings $said, MachineHistory $history, Day $asOf): array
    {
        $declared = $kind->declaredUsesPerDay($said->habits);
        $start = $this->starting($kind, $task, $said);
        $clocks = [];
        foreach ($task->clocks as $bounds) {
            $worth = $this->worth($bounds->unit, $kind, $said);
            if (Clock::DAYS === $bounds->unit) {
                $clocks[] = $this->days($bounds, $this->inDays($start, $said, $declared), $task, $said, $history, $asOf);
            } elseif (null !== $worth && $declared > 0) {
                $past = $history->task($task->id);
                $clocks[] = new Clock(
                    $bounds->unit,
                    $this->inUses($start, $said, $declared) * $worth,
                    $bounds->least,
                    $bounds->most,
                    $worth * $history->rate,
                    $worth * $past->usesSince,
                    $this->observations($past->openings, static fn (OpeningRecord $opening): float => $worth * $opening->uses),
                    $history->absences,
                );
            }
        }

        return $clocks;
    }

    /** What the first interval is, as the school and the habits put it. */
    public function starting(MachineKind $kind, CareTask $task, CareSettings $said): StartingInterval
    {
        $school = $task->school($said->school);
        $factors = $task->habitFactors($said->habits);
        $whole = static fn (float $base): float => max(1.0, round($base * array_product($factors)));
        if (null !== $school->litres && null !== $said->litresPerUse) {
            return new StartingInterval($whole($school->litres), self::LITRES, $school->id, $school->litres, $factors, litres: $said->litresPerUse);
        }
        if (null !== $school->start) {
            $hardness = $said->hardness ?? Hardness::mgPerLitre($this->doses->brewLimit['hardness']);
            $litres = $said->litresPerUse ?? $this->doses->brewLimit['litres'];
            $limit = $this->descaling->brewLimit($hardness, $litres);

            return new StartingInterval($whole($limit), $kind->useUnit, $school->id, $limit, $factors, $hardness->mgPerLitre, $litres, null === $said->hardness);
        }
        if (null !== $school->uses) {
            return new StartingInterval($whole($school->uses), $kind->useUnit, $school->id, $school->uses, $factors);
        }
        if (null !== $school->days) {
            return new StartingInterval($whole($school->days), Clock::DAYS, $school->id, $school->days, $factors);
        }
        $longest = $task->clocks[0];

        return new StartingInterval($longest->most, $longest->unit, $school->id, null);
    }

    private function days(ClockBounds $bounds, ?float $start, CareTask $task, CareSettings $said, MachineHistory $history, Day $asOf): Clock
    {
        $past = $history->task($task->id);
        $stands = $bounds->idle ? new Absences() : $history->absences;
        $from = $past->last()->day ?? $said->since ?? $asOf;

        return new Clock(
            $bounds->unit,
            $start ?? $bounds->most,
            $bounds->least,
            $bounds->most,
            1.0,
            max(0, $asOf->since($from) - $stands->days($from, $asOf)),
            $this->observations($past->openings, static fn (OpeningRecord $opening): float => (float) ($opening->days - ($bounds->idle ? 0 : $opening->absent))),
            $stands,
        );
    }

    /** How much of a clock's unit one use is; null for a unit this machine has no measure of. */
    private function worth(string $unit, MachineKind $kind, CareSettings $said): ?float
    {
        return match (true) {
            $unit === $kind->useUnit => 1.0,
            self::LITRES === $unit => $said->litresPerUse,
            default => null,
        };
    }

    /** The start in whole days, at least 1; null when it counts uses and there are none. */
    private function inDays(StartingInterval $start, CareSettings $said, float $declared): ?float
    {
        if (Clock::DAYS === $start->unit) {
            return $start->count;
        }
        $uses = self::LITRES === $start->unit ? $start->count / ($said->litresPerUse ?? 1.0) : $start->count;

        return $declared > 0 ? max(1.0, round($uses / $declared)) : null;
    }

    /** @param float $declared uses a day, above 0 */
    private function inUses(StartingInterval $start, CareSettings $said, float $declared): float
    {
        return match ($start->unit) {
            Clock::DAYS => $start->count * $declared,
            self::LITRES => $start->count / ($said->litresPerUse ?? 1.0),
            default => $start->count,
        };
    }

    /**
     * An opening that nobody looked at only says what was left; it teaches nothing.
     *
     * @param list<OpeningRecord>            $openings
     * @param \Closure(OpeningRecord): float $uses     since the opening before, in the clock's unit
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
            ),
            $openings,
        );
    }
}
