<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\CoreInputs;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use GoodRinse\Core\Apart\ComesOffOrder;
use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Apart\TakeApartSheet;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Handbook\UnknownEntry;

/** What is shown of how a machine comes apart: the whole sheet, or one part to set right. */
final readonly class DisassemblyPage
{
    public function __construct(private Handbook $handbook, private CoreInputs $inputs)
    {
    }

    public function all(Machine $machine, Household $household): DisassemblyData
    {
        return new DisassemblyData(
            household: $household,
            machine: $machine,
            lines: $this->inputs->sheet($machine)->lines(),
            known: $this->handbookLines($machine),
            handbook: $this->handbook,
        );
    }

    /**
     * @throws UnknownEntry when the machine has no such part
     */
    public function one(Machine $machine, string $part, ?Round $round): RemovalData
    {
        return new RemovalData(
            round: $round,
            machine: $machine,
            line: $this->inputs->sheet($machine)->line($part) ?? throw UnknownEntry::named('part that comes off', $part),
            asked: $this->asked($machine, $part),
            others: array_filter($this->handbookLines($machine), static fn (SheetLine $line): bool => $line->part !== $part),
            before: $this->order($machine)->before($part),
        );
    }

    /** @return array<string, SheetLine> the parts of the handbook that come off this machine, by id */
    public function handbookLines(Machine $machine): array
    {
        return (new TakeApartSheet($machine->kindIn($this->handbook), $machine->traits, $machine->ownWays()))->lines();
    }

    /** Which parts come off before which. */
    public function order(Machine $machine): ComesOffOrder
    {
        return new ComesOffOrder($machine->kindIn($this->handbook), $machine->traits, $machine->ownWays());
    }

    /**
     * What the handbook says of the part on a machine of these traits.
     *
     * @throws UnknownEntry when the machine has no such part
     */
    public function usual(Machine $machine, string $part): SheetLine
    {
        return (new TakeApartSheet($machine->kindIn($this->handbook), $machine->traits))->line($part)
            ?? throw UnknownEntry::named('part that comes off', $part);
    }

    /**
     * The traits of the machine that say how the part is held, as far as they tell no two machines apart.
     *
     * @return list<MachineTrait>
     */
    public function asked(Machine $machine, string $part): array
    {
        $kind = $machine->kindIn($this->handbook);

        return array_values(array_intersect_key($kind->traits(), array_flip($this->usual($machine, $part)->traits())));
    }
}
