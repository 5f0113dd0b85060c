<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\StartingInterval;

/** A task's date before and after something changes. */
final readonly class DateChange
{
    /** @param Rhythm|null $before null where the task follows no clock; the same for after */
    public function __construct(
        public Machine $machine,
        public string $name,
        public ?Rhythm $before,
        public ?Rhythm $after,
        public StartingInterval $startBefore,
        public StartingInterval $startAfter,
    ) {
    }

    /** Days by which it moves, later above 0; null where there is no date on one side. */
    public function days(): ?int
    {
        return null === $this->before?->dueOn || null === $this->after?->dueOn ? null : $this->after->dueOn->since($this->before->dueOn);
    }

    public function moves(): bool
    {
        return 0 !== $this->days() && (null !== $this->before?->dueOn || null !== $this->after?->dueOn);
    }
}
