<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\Estimate;

/** A procedure as the handbook's index shows it. */
final readonly class ProcedureLine
{
    /**
     * @param bool $several whether it is several procedures in one go
     * @param int $hands minutes of a person's hands
     * @param int $waiting minutes of waiting, for soaks and cycles
     * @param string $text what a search looks in, in small letters
     * @param string|null $machine id of the machine it is shown for
     */
    private function __construct(
        public string $kind,
        public string $id,
        public string $name,
        public string $does,
        public bool $several,
        public int $hands,
        public int $waiting,
        public string $text,
        public ?string $machine,
    ) {
    }

    public static function of(string $kind, Procedure $procedure, Estimate $estimate, ?Machine $machine): self
    {
        return new self(
            kind: $kind,
            id: $procedure->id,
            name: $procedure->name,
            does: $procedure->does,
            several: (bool) $procedure->runs,
            hands: (int) ceil($estimate->hands->value),
            waiting: max(0, (int) round($estimate->all->value - $estimate->hands->value)),
            text: mb_strtolower(implode(
                ' ',
                [$procedure->name, $procedure->does, ...array_map(static fn (Step $step): string => $step->title, $procedure->steps)],
            )),
            machine: $machine?->id,
        );
    }
}
