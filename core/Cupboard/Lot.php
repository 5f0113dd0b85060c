<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** What is left of one purchase; what was there first is used first. */
final readonly class Lot
{
    /**
     * @param float $amount in the supply's unit, 0 or more
     * @param \DateTimeImmutable|null $boughtAt null where nobody knows
     * @param \DateTimeImmutable|null $openedAt when some of it was first taken; null while it is shut
     */
    public function __construct(public float $amount, public ?\DateTimeImmutable $boughtAt, public ?\DateTimeImmutable $openedAt = null)
    {
    }

    /**
     * Takes from the oldest first.
     *
     * @param list<self> $lots the oldest first
     * @param \DateTimeImmutable|null $openedAt when it is opened by that; null where nothing is
     *
     * @return list<self> what is left of them
     */
    public static function take(array $lots, float $amount, ?\DateTimeImmutable $openedAt): array
    {
        $left = [];
        foreach ($lots as $lot) {
            $taken = min($amount, $lot->amount);
            $amount -= $taken;
            if ($lot->amount - $taken > Forecast::SLACK) {
                $left[] = new self($lot->amount - $taken, $lot->boughtAt, $lot->openedAt ?? ($taken > 0 ? $openedAt : null));
            }
        }

        return $left;
    }
}
