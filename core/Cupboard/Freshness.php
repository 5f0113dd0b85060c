<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** How old a supply is that is taken next, and what that has done to it. */
final readonly class Freshness
{
    /**
     * @param \DateTimeImmutable $boughtAt the oldest of it
     * @param float $strength share that it still has, 0 to 1
     * @param \DateTimeImmutable|null $until when it is not relied on any more; null where it keeps
     * @param bool $isPast whether that is over
     */
    public function __construct(
        public \DateTimeImmutable $boughtAt,
        public float $strength,
        public ?\DateTimeImmutable $until,
        public bool $isPast,
    ) {
    }
}
