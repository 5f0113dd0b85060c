<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;

/** A care task read at a day: when it is due, how sure that is, and why. */
final readonly class Rhythm
{
    /**
     * @param non-empty-list<ClockState> $clocks in the order they were given
     * @param ClockState $deciding the clock that sets the due day; the most worn one where none does
     * @param float $wear foulings since clean, the greatest of the clocks
     * @param Fraction $blockedNow estimated blocked fraction
     * @param Day|null $dueOn day the wear reaches 1 (past when due); null when no clock runs
     * @param array{Day, Day}|null $window days between which it most likely falls due, by the clock that sets the due
     *     day
     * @param Day|null $remindOn the due day, or the day a snooze moved the reminder to
     * @param list<Reason> $reasons the deciding one first
     */
    public function __construct(
        public array $clocks,
        public ClockState $deciding,
        public float $wear,
        public CareState $state,
        public Fraction $blockedNow,
        public ?Day $dueOn,
        public ?array $window,
        public ?Day $remindOn,
        public array $reasons,
    ) {
    }

    /**
     * The window ahead: as it stands, or where it is due now, the next one if it is cleaned today.
     *
     * @return array{float, float, float, bool}|null days from today of its earliest, due and latest day, and whether it
     *     is the next one; null without a date
     */
    public function ahead(Day $today): ?array
    {
        if (null === $this->dueOn) {
            return null;
        }
        if (!$this->state->isDue()) {
            $due = (float) $this->dueOn->since($today);

            return null === $this->window ? [$due, $due, $due, false] : [
                (float) $this->window[0]->since($today),
                (float) $this->dueOn->since($today),
                (float) $this->window[1]->since($today),
                false,
            ];
        }
        $again = $this->again($today);

        return null === $again ? null : [...$again, true];
    }

    /**
     * The window after the task was done.
     *
     * @return array{float, float, float}|null days after that of its earliest, due and latest day; null where no clock runs
     */
    public function again(Day $today): ?array
    {
        $next = null;
        foreach ($this->clocks as $reading) {
            $due = $reading->daysFromClean($reading->learned->interval, $today);
            if (null !== $due && (null === $next || $due < $next[1])) {
                $next = [
                    $reading->daysFromClean($reading->learned->earliest, $today) ?? $due,
                    $due,
                    $reading->daysFromClean($reading->learned->latest, $today) ?? $due,
                ];
            }
        }

        return $next;
    }

    /** Days that it has been due, those on which its clock stood still left out; 0 where it is not due. */
    public function daysOver(Day $today): int
    {
        return null === $this->dueOn || $this->dueOn->isAfter($today)
            ? 0
            : $today->since($this->dueOn) - $this->deciding->clock->absences->days($this->dueOn, $today);
    }

    /** Whether the reminder was moved beyond a day. */
    public function isPutOff(Day $today): bool
    {
        return null !== $this->remindOn && $this->remindOn->isAfter($today) && (
            null === $this->dueOn
            || $this->remindOn->isAfter($this->dueOn)
        );
    }

    /** The same of a part of which nobody knows how it is, with what is to be expected then. */
    public function expecting(Fraction $blocked): self
    {
        return new self(
            clocks: $this->clocks,
            deciding: $this->deciding,
            wear: $this->wear,
            state: $this->state,
            blockedNow: $blocked,
            dueOn: $this->dueOn,
            window: $this->window,
            remindOn: $this->remindOn,
            reasons: $this->reasons,
        );
    }

    /** The same without the openings it was learned from: small enough to keep. */
    public function brief(): self
    {
        $deciding = array_search($this->deciding, $this->clocks, true);
        $clocks = array_map(static fn (ClockState $reading): ClockState => $reading->brief(), $this->clocks);

        return new self(
            clocks: $clocks,
            deciding: $clocks[(int) $deciding] ?? $clocks[0],
            wear: $this->wear,
            state: $this->state,
            blockedNow: $this->blockedNow,
            dueOn: $this->dueOn,
            window: $this->window,
            remindOn: $this->remindOn,
            reasons: $this->reasons,
        );
    }
}
