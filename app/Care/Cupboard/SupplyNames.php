<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\PartNames;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;

/** What a supply is called. */
final readonly class SupplyNames
{
    public function __construct(private Handbook $handbook, private PartNames $parts)
    {
    }

    /** @param Machine|null $machine that a part goes into */
    public function of(string $id, ?Machine $machine): string
    {
        $tool = Supply::toolOf($id);
        $part = Supply::partOf($id);

        return match (true) {
            null !== $tool => $this->handbook->cupboard()->tools[$tool] ?? str_replace('-', ' ', $tool),
            null !== $part => $this->part($part[1], $machine),
            default => Supply::ownName($id) ?? $this->handbook->chemistry()->agent($id)->name,
        };
    }

    private function part(string $part, ?Machine $machine): string
    {
        $name = null === $machine ? null : $this->parts->of($machine)[$part] ?? null;

        return mb_strtolower($name ?? str_replace('-', ' ', $part)).(null === $machine ? '' : " ($machine->name)");
    }
}
