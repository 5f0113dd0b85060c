<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** A clock a care task runs on and the shortest and longest interval, in its unit, that a household may be told. */
final readonly class ClockBounds
{
    public function __construct(public string $unit, public float $least, public float $most)
    {
    }
}
