<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

/** Something that can be counted instead of graded by eye, on machines that have it. */
final readonly class CountRow
{
    public function __construct(public string $measurement, public Condition $when)
    {
    }
}
