<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;

/** Parts that were to come off and were left on: they need not be put back, nor tested. */
final readonly class PartsLeftOn
{
    /** @param array<string, Tick> $ticks newest tick of each step */
    public function __construct(private Procedure $procedure, private array $ticks)
    {
    }

    /** Whether a part was to come off and was left on. */
    public function has(?string $part): bool
    {
        $offs = null === $part
            ? []
            : array_filter($this->procedure->steps, fn (Step $step): bool => $step->takesOff === $part && isset($this->ticks[$step->id]));

        return [] !== $offs && [] === array_filter($offs, fn (Step $step): bool => Tick::SKIPPED !== $this->ticks[$step->id]->how);
    }

    /** Whether everything that a step tests was left on, or never comes off. */
    public function areAllTestedBy(Step $step): bool
    {
        return [] !== $step->tests && [] === array_filter(
            $step->tests,
            fn (string $part): bool => $this->comesOff($part) && !$this->has($part),
        );
    }

    private function comesOff(string $part): bool
    {
        return [] !== array_filter($this->procedure->steps, static fn (Step $step): bool => $step->takesOff === $part);
    }
}
