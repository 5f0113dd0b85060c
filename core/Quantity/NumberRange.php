<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** A number a person may give, between two bounds, both allowed. */
final readonly class NumberRange
{
    public function __construct(public float $least, public float $most)
    {
    }
}
