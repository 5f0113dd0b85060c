<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Models\Machine;

/** Repair or replace, for one machine. */
final readonly class ReplacementLine
{
    /** @param list<string> $sentences what the numbers come to; empty where nobody has given any */
    public function __construct(public Machine $machine, public string $facts, public array $sentences)
    {
    }
}
