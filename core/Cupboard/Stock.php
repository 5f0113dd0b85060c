<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Handbook\Chemistry\Supply;

/** How much of a supply there is, as far as anybody can know, and how that came about. All amounts are in its unit. */
final readonly class Stock
{
    /** Share by which what a person pours is off, one time in three. */
    private const POURED_OFF = 0.15;

    /**
     * @param float $bought all that came in
     * @param float $used all that was poured
     * @param float $gone all that was thrown away
     * @param float $found what was there beyond what was known, as looks and pours showed
     * @param float $lost what was missing when somebody looked
     * @param float $level what is there: bought + found − used − gone − lost, 0 or more
     * @param float $doubtful squares of what was poured since somebody last looked
     * @param \DateTimeImmutable|null $seenAt when it was last looked at or bought; null where nobody has ever said
     * @param \DateTimeImmutable|null $boughtAt when it was last bought
     */
    public function __construct(
        public Supply $supply,
        public float $bought = 0.0,
        public float $used = 0.0,
        public float $gone = 0.0,
        public float $found = 0.0,
        public float $lost = 0.0,
        public float $level = 0.0,
        public float $doubtful = 0.0,
        public ?\DateTimeImmutable $seenAt = null,
        public ?\DateTimeImmutable $boughtAt = null,
    ) {
    }

    /** Whether anybody has ever said how much there is. */
    public function isKnown(): bool
    {
        return null !== $this->seenAt;
    }

    /** How far off the level may be, one time in three. */
    public function doubt(): float
    {
        return self::POURED_OFF * sqrt($this->doubtful);
    }

    public function buy(float $amount, \DateTimeImmutable $at): self
    {
        return new self(
            $this->supply,
            $this->bought + $amount,
            $this->used,
            $this->gone,
            $this->found,
            $this->lost,
            $this->level + $amount,
            $this->doubtful,
            $this->seenAt ?? $at,
            $at,
        );
    }

    /** What is poured beyond what was known to be there must have been there. */
    public function pour(float $amount): self
    {
        return $this->take($amount, $amount, 0.0);
    }

    public function throwAway(float $amount): self
    {
        return $this->take($amount, 0.0, $amount);
    }

    public function look(float $left, \DateTimeImmutable $at): self
    {
        return new self(
            $this->supply,
            $this->bought,
            $this->used,
            $this->gone,
            $this->found + max(0.0, $left - $this->level),
            $this->lost + max(0.0, $this->level - $left),
            $left,
            0.0,
            $at,
            $this->boughtAt,
        );
    }

    private function take(float $amount, float $used, float $gone): self
    {
        $short = max(0.0, $amount - $this->level);

        return new self(
            $this->supply,
            $this->bought,
            $this->used + $used,
            $this->gone + $gone,
            $this->found + $short,
            $this->lost,
            max(0.0, $this->level - $amount),
            $this->doubtful + $used ** 2,
            $this->seenAt,
            $this->boughtAt,
        );
    }
}
