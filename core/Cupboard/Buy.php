<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** Packages to buy of one supply. */
final readonly class Buy
{
    /**
     * @param int $count of the package, 1 or more
     * @param float|null $price of all of them; null where nobody knows
     */
    public function __construct(public Package $package, public int $count, public ?float $price)
    {
    }
}
