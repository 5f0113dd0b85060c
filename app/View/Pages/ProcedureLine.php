<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Round\Estimate;

/** A procedure as the handbook's index shows it. */
final readonly class ProcedureLine
{
    public function __construct(public string $kind, public Procedure $procedure, public Estimate $estimate, public ?Machine $machine)
    {
    }

    /** What a search looks in, in small letters. */
    public function text(): string
    {
        return mb_strtolower(implode(' ', [$this->procedure->name, $this->procedure->does, ...array_map(static fn (Step $step): string => $step->title, $this->procedure->steps)]));
    }

    public function hands(): int
    {
        return (int) ceil($this->estimate->hands->value);
    }

    /** Minutes of waiting, for soaks and cycles. */
    public function waiting(): int
    {
        return max(0, (int) round($this->estimate->all->value - $this->estimate->hands->value));
    }
}
