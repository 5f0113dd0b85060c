<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Logbook\Payload\PartNeed;

/** A part that waits for a new one. */
final readonly class PartNeedRecord
{
    /**
     * @param string $stage one of PartNeed::STAGES
     * @param string|null $number part number, as its maker has it
     * @param \DateTimeImmutable $since when it was first said to be worn
     * @param \DateTimeImmutable $changed when it came to its stage
     */
    public function __construct(
        public string $part,
        public string $stage,
        public ?string $number,
        public ?string $note,
        public \DateTimeImmutable $since,
        public \DateTimeImmutable $changed,
    ) {
    }

    /** Whether a new one is still to be got: it is worn or to be ordered, and not ordered yet. */
    public function isToBuy(): bool
    {
        return PartNeed::ORDERED !== $this->stage;
    }
}
