<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

/**
 * A clock a care task runs on and the shortest and longest interval, in its unit, that a household may be told;
 * idle: whether it runs on while nobody is there, as mould does.
 */
final readonly class ClockBounds
{
    public function __construct(public string $unit, public float $least, public float $most, public bool $idle = false)
    {
    }
}
