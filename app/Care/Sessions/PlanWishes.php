<?php

declare(strict_types=1);

namespace App\Care\Sessions;

/** What people want of a plan beside what goes in. */
final readonly class PlanWishes
{
    /**
     * @param \DateTimeImmutable $begin when it begins
     * @param float|null $limit minutes in which all is to be done; null for as long as it takes
     * @param int $people pairs of hands, 1 or 2
     * @param array<string, float> $at minutes after the beginning at which a block is to begin, by block
     * @param array<string, int> $by number of the pair of hands that does it, from 0, by block
     */
    public function __construct(
        public \DateTimeImmutable $begin,
        public ?float $limit = null,
        public int $people = 1,
        public array $at = [],
        public array $by = [],
    ) {
    }

    /** The same without hours that cannot be kept. */
    public function withoutHours(string ...$blocks): self
    {
        return new self($this->begin, $this->limit, $this->people, array_diff_key($this->at, array_flip($blocks)), $this->by);
    }
}
