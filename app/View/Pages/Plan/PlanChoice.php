<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

/** A job that a plan can hold. */
final readonly class PlanChoice
{
    /** @param string $when when it is due, in words */
    public function __construct(public string $value, public string $name, public string $when, public bool $isPicked, public bool $isSoon)
    {
    }
}
