<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

/** What somebody wants planned, as it was typed. */
final readonly class PlanQuery
{
    /** Most minutes that a session can be asked to fit into: a day. */
    public const MOST_MINUTES = 1440;

    /**
     * @param list<string>|null $jobs "machine:procedure"; null for what is due
     * @param string|null $at when it begins, as HH:MM; null for now
     * @param string|null $ready when all is to be done, as HH:MM; null for as soon as it can be
     * @param string|null $minutes that there are
     * @param int $people 1 or 2
     * @param array<string, string> $set hours at which blocks begin, as HH:MM, by block
     * @param array<string, int> $by number of the hands that do a block, by block
     */
    public function __construct(
        public ?array $jobs = null,
        public ?string $at = null,
        public ?string $ready = null,
        public ?string $minutes = null,
        public int $people = 1,
        public array $set = [],
        public array $by = [],
    ) {
    }

    /** Minutes that there are; null where none were given, or none that can be. */
    public function limit(): ?float
    {
        return null !== $this->minutes && 1 === preg_match('/^\d{1,5}$/D', $this->minutes) && (int) $this->minutes <= self::MOST_MINUTES
            ? (float) $this->minutes
            : null;
    }

    public function isMinutesWrong(): bool
    {
        return null !== $this->minutes && '' !== $this->minutes && null === $this->limit();
    }
}
