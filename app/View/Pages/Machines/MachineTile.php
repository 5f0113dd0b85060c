<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\TaskCare;
use App\View\Words\Dates;

/** A machine among others: what it is, and the task that is due first. */
final readonly class MachineTile
{
    /** @param TaskCare|null $first null where nothing is on a clock */
    private function __construct(public MachineCare $care, public ?TaskCare $first)
    {
    }

    public static function of(MachineCare $care): self
    {
        return new self($care, CareReader::byUrgency([$care])[0] ?? null);
    }

    public function kindAndPlace(): string
    {
        return implode(', ', array_filter([$this->care->kind->name, $this->care->machine->place]));
    }

    /** "Filter: due 3 Dec". */
    public function state(): string
    {
        $rhythm = $this->first?->rhythm;
        if (null === $this->first || null === $rhythm) {
            return (string) __('machines.tile.no_clock');
        }

        return $this->first->name().': '.match (true) {
            $rhythm->state->isDue() => __('machines.tile.'.($this->first->neverOpened() ? ($this->first->graded ? 'look' : 'do') : 'due')),
            null === $rhythm->dueOn => __('machines.tile.no_date'),
            default => __('machines.tile.due_on', ['day' => Dates::short($rhythm->dueOn)]),
        };
    }
}
