<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** A vessel that is free of what was in it once the step is done, and by what. */
final readonly class ClearingRule
{
    public function __construct(public string $vessel, public string $by)
    {
    }
}
