<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace\Suspect;

/** Something that was noticed, and how likely it is under each cause. */
final readonly class NoticedSymptom
{
    /**
     * @param float $severity how much it matters against others, 0 or more
     * @param float $else chance of it under a cause that it does not name, 0 to 1
     * @param array<string, float> $given chance by cause, 0 to 1; a cause with a chance above 0 is named
     */
    public function __construct(public string $id, public float $severity, private float $else, private array $given)
    {
    }

    /** The chance of noticing it when this is the cause, 0 to 1. */
    public function chance(string $cause): float
    {
        return $this->given[$cause] ?? $this->else;
    }

    /** Whether it speaks for the cause by name, and not only as it would for any. */
    public function names(string $cause): bool
    {
        return ($this->given[$cause] ?? 0.0) > 0;
    }
}
