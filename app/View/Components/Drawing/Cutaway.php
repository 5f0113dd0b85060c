<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Models\Machine;
use App\View\Pages\Today\TaskLine;
use Illuminate\View\Component;

/** A machine cut open, drawn from its traits; each part that is cared for leads to its panel. */
abstract class Cutaway extends Component
{
    /** @param array<string, TaskLine> $lines by task */
    public function __construct(public readonly Machine $machine, public readonly array $lines)
    {
    }

    protected function isOr(string $trait, string $usual): string
    {
        return $this->machine->traits[$trait] ?? $usual;
    }
}
