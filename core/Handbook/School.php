<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** A rhythm that practitioners recommend, and for whom it fits. */
final readonly class School
{
    public function __construct(public string $id, public float $days, public string $name, public string $who)
    {
    }
}
