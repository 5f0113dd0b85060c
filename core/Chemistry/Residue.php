<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

/** An agent that went into a vessel and has not been cleared out of it. */
final readonly class Residue
{
    /**
     * @param \DateTimeImmutable|null $since in UTC
     * @param string|null             $entry logbook entry that says so
     */
    public function __construct(public string $agent, public ?\DateTimeImmutable $since = null, public ?string $entry = null)
    {
    }
}
