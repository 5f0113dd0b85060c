<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** A vessel that is free of what was in it once the step is done, and by what. */
final readonly class Clears
{
    public function __construct(public string $vessel, public string $by)
    {
    }
}
