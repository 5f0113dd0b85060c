<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** Something a supply is sold in. */
final readonly class Package
{
    /**
     * @param float $size in the supply's unit, above 0
     * @param float|null $price in the household's money; null where nobody knows
     */
    public function __construct(public float $size, public ?float $price = null)
    {
    }
}
