<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

/** One figure of a series. */
final readonly class Point
{
    /** @param float $value in the unit of its series */
    public function __construct(public \DateTimeImmutable $at, public float $value)
    {
    }
}
