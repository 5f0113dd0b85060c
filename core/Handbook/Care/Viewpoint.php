<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

/** One side of a question on which opinions differ. */
final readonly class Viewpoint
{
    public function __construct(public string $id, public string $name, public string $why)
    {
    }
}
