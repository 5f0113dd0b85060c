<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Quantity\PortionUnit;

/** How much of a supply there is, as far as anybody can know, and how that came about. All amounts are in its unit. */
final readonly class Stock
{
    /** Share by which what a person pours is off, one time in three. */
    private const POURED_OFF = 0.15;
    private const DAY = 86400;

    /**
     * @param float $bought all that came in
     * @param float $used all that was poured or fitted
     * @param float $gone all that was thrown away
     * @param float $found what was there beyond what was known, as looks and pours showed
     * @param float $lost what was missing when somebody looked
     * @param float $level what is there: bought + found − used − gone − lost, 0 or more
     * @param float $doubtful squares of what was poured since somebody last looked
     * @param \DateTimeImmutable|null $seenAt when it was last looked at, or first bought; null where nobody has ever said
     * @param \DateTimeImmutable|null $boughtAt when it was last bought
     * @param list<Lot> $lots what the level is made of, the oldest first
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
        public array $lots = [],
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
        return $this->pouredOff() * sqrt($this->doubtful);
    }

    /** Share by which what a person pours of it is off, one time in three; 0 for what is counted. */
    public function pouredOff(): float
    {
        return PortionUnit::Pieces === $this->supply->unit ? 0.0 : self::POURED_OFF;
    }

    /** Null where there is none, nobody knows how old it is, or age does nothing to it. */
    public function freshness(\DateTimeImmutable $now): ?Freshness
    {
        $lot = $this->lots[0] ?? null;
        if (null === $lot?->boughtAt || (null === $this->supply->keeps && null === $this->supply->opened && $this->supply->fades <= 0.0)) {
            return null;
        }
        $ends = array_filter([
            null === $this->supply->keeps ? null : $lot->boughtAt->modify("+{$this->supply->keeps} months"),
            null === $this->supply->opened ? null : $lot->openedAt?->modify("+{$this->supply->opened} months"),
        ]);
        $until = [] === $ends ? null : min($ends);

        return new Freshness(
            $lot->boughtAt,
            $this->supply->strengthAfter(max(0, $now->getTimestamp() - $lot->boughtAt->getTimestamp()) / self::DAY),
            $until,
            null !== $until && $until <= $now,
        );
    }

    public function buy(float $amount, \DateTimeImmutable $at): self
    {
        return $this->with(
            level: $this->level + $amount,
            bought: $this->bought + $amount,
            seenAt: $this->seenAt ?? $at,
            boughtAt: $at,
            lots: [...$this->lots, new Lot($amount, $at)],
        );
    }

    /** What is poured beyond what was known to be there must have been there. */
    public function pour(float $amount, \DateTimeImmutable $at): self
    {
        return $this->take($amount, $at, used: $this->used + $amount, doubtful: $this->doubtful + $amount ** 2);
    }

    public function throwAway(float $amount, \DateTimeImmutable $at): self
    {
        return $this->take($amount, $at, gone: $this->gone + $amount);
    }

    public function look(float $left, \DateTimeImmutable $at): self
    {
        $more = $left - $this->level;

        return $this->with(
            level: $left,
            found: $this->found + max(0.0, $more),
            lost: $this->lost + max(0.0, -$more),
            doubtful: 0.0,
            seenAt: $at,
            lots: $more > 0 ? [...$this->lots, new Lot($more, null)] : Lot::take($this->lots, -$more, null),
        );
    }

    private function take(float $amount, \DateTimeImmutable $at, ?float $used = null, ?float $gone = null, ?float $doubtful = null): self
    {
        return $this->with(
            level: max(0.0, $this->level - $amount),
            used: $used,
            gone: $gone,
            found: $this->found + max(0.0, $amount - $this->level),
            doubtful: $doubtful,
            lots: Lot::take($this->lots, $amount, $at),
        );
    }

    /** @param list<Lot>|null $lots */
    private function with(
        float $level,
        ?float $bought = null,
        ?float $used = null,
        ?float $gone = null,
        ?float $found = null,
        ?float $lost = null,
        ?float $doubtful = null,
        ?\DateTimeImmutable $seenAt = null,
        ?\DateTimeImmutable $boughtAt = null,
        ?array $lots = null,
    ): self {
        return new self(
            $this->supply,
            $bought ?? $this->bought,
            $used ?? $this->used,
            $gone ?? $this->gone,
            $found ?? $this->found,
            $lost ?? $this->lost,
            $level,
            $doubtful ?? $this->doubtful,
            $seenAt ?? $this->seenAt,
            $boughtAt ?? $this->boughtAt,
            $lots ?? $this->lots,
        );
    }
}
