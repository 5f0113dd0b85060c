<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan;

/** Which of two jobs comes first: the one due earlier, and on the same day the more worn one. */
final readonly class Urgency
{
    /**
     * @param int|null $due number of the due day; null for no date, which comes last
     * @param float $wear how far its clock has run, 1 for due
     */
    public function __construct(private ?int $due, private float $wear)
    {
    }

    /** Below 0 when this comes before the other. */
    public function against(self $other): int
    {
        return [$this->due ?? PHP_INT_MAX, -$this->wear] <=> [$other->due ?? PHP_INT_MAX, -$other->wear];
    }
}
