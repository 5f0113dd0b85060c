<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** One side of a question on which practitioners differ. */
final readonly class Side
{
    public function __construct(public string $id, public string $name, public string $why)
    {
    }
}
