<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;

/** All openings of one task, and the uses counted since the newest. */
final readonly class TaskHistory
{
    /**
     * @param list<OpeningRecord> $openings oldest first
     * @param float $usesSince uses since the newest opening, or since the machine is known
     * @param SnoozeRecord|null $snooze that nothing has overtaken
     * @param list<SymptomRecord> $symptoms that point to the task and about which nobody has said yet what they came
     *     from
     * @param float $estimated of the uses since, those that nobody told of
     * @param list<string> $answered lights that it was opened after, whether they went out or not
     */
    public function __construct(
        public array $openings,
        public float $usesSince,
        public ?SnoozeRecord $snooze = null,
        public array $symptoms = [],
        public float $estimated = 0.0,
        public array $answered = [],
    ) {
    }

    /** The same with so many of the newest openings. */
    public function brief(int $newest): self
    {
        return new self(
            0 === $newest ? [] : array_slice($this->openings, -$newest),
            $this->usesSince,
            $this->snooze,
            $this->symptoms,
            $this->estimated,
            $this->answered,
        );
    }

    public static function none(): self
    {
        return new self([], 0.0);
    }

    public function last(): ?OpeningRecord
    {
        return $this->openings[count($this->openings) - 1] ?? null;
    }

    /** The history as it would be if the part were opened on this day, and found and left so. */
    public function ifOpened(Day $day, Fraction $found, Fraction $left): self
    {
        $last = $this->last();
        $next = new OpeningRecord(
            '',
            $day,
            null === $last ? 0 : max(0, $day->since($last->day)),
            null === $last ? 0.0 : $this->usesSince,
            $found,
            $left,
        );

        return new self([...$this->openings, $next], 0.0);
    }

    /** The day it was last opened, symptoms left out; null when it never was. */
    public function lastOpened(): ?Day
    {
        for ($i = count($this->openings) - 1; $i >= 0; --$i) {
            if (!$this->openings[$i]->symptom) {
                return $this->openings[$i]->day;
            }
        }

        return null;
    }

    /** Whether anything is known about when the part was last clean. */
    public function isEmpty(): bool
    {
        return [] === $this->openings;
    }
}
