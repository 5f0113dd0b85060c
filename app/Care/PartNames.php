<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Apart\OwnPart;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Part;

/** The parts that a machine has, the household's own included. */
final readonly class PartNames
{
    public function __construct(private Handbook $handbook)
    {
    }

    /** @return array<string, string> names by id, in the handbook's order */
    public function of(Machine $machine): array
    {
        $parts = array_filter(
            $machine->kindIn($this->handbook)->parts(),
            static fn (Part $part): bool => $part->when->holds($machine->traits),
        );

        return array_map(static fn (Part $part): string => $part->name($machine->traits), $parts)
            + array_map(static fn (OwnPart $part): string => $part->name, $machine->ownParts()->parts);
    }
}
