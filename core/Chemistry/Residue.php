<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

/** An agent that went into a vessel and has not been cleared out of it. */
final readonly class Residue
{
    /**
     * @param \DateTimeImmutable|null $since in UTC
     * @param string|null $entry logbook entry that says so
     * @param bool $drained whether the vessel has drained since
     */
    public function __construct(
        public string $agent,
        public ?\DateTimeImmutable $since = null,
        public ?string $entry = null,
        public bool $drained = false,
    ) {
    }

    /** The same once its vessel has drained. */
    public function drained(): self
    {
        return new self($this->agent, $this->since, $this->entry, true);
    }
}
