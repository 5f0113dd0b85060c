<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

/** The verdict on an agent proposed for a vessel, and why. */
final readonly class Assessment
{
    /**
     * @param string|null $with agent or surface that decides; null for a rule of the household or the vessel, and for
     *     go
     * @param string $reason one sentence; where something forbids the agent anyway, the danger beside a residue first
     * @param string|null $remedy what to do first or instead
     */
    public function __construct(public Verdict $verdict, public ?string $with, public string $reason, public ?string $remedy = null)
    {
    }

    /** Whether it is the household's own rule that refuses it, so that nothing more need be said of it. */
    public function isHouseRule(): bool
    {
        return Verdict::Never === $this->verdict && null === $this->with;
    }
}
