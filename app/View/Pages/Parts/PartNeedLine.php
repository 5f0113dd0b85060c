<?php

declare(strict_types=1);

namespace App\View\Pages\Parts;

use App\Models\Machine;

/** A part that waits for a new one, in a line. */
final readonly class PartNeedLine
{
    /** @param string $state "to be ordered" */
    public function __construct(public Machine $machine, public string $part, public string $name, public string $state)
    {
    }
}
