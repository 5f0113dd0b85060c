<?php

declare(strict_types=1);

namespace GoodRinse\Core\Apart;

use GoodRinse\Core\Handbook\Machine\Holding;
use GoodRinse\Core\Handbook\Machine\Part;
use GoodRinse\Core\Handbook\Machine\Piece;
use GoodRinse\Core\Handbook\MachineKind;

/**
 * How one machine comes apart: what the handbook says of machines with its traits, with what the household has
 * set right. The front door of this folder.
 */
final readonly class TakeApartSheet
{
    /**
     * @param array<string, string> $traits of the machine
     * @param array<string, OwnWay> $own what the household set right, by part
     * @param OwnParts $added parts that the household has added
     */
    public function __construct(
        private MachineKind $kind,
        private array $traits,
        private array $own = [],
        private OwnParts $added = new OwnParts(),
    ) {
    }

    /** @return array<string, SheetLine> the parts that come off this machine, by id, in the handbook's order */
    public function lines(): array
    {
        return array_map(self::lineOfAdded(...), $this->added->parts) + array_filter(
            array_map(fn (Part $part): ?SheetLine => $part->when->holds($this->traits) ? $this->lineOf($part) : null, $this->kind->parts()),
        );
    }

    /** How that part comes off; null where nobody has said. */
    public function line(string $part): ?SheetLine
    {
        if (isset($this->added->parts[$part])) {
            return self::lineOfAdded($this->added->parts[$part]);
        }

        return $this->kind->hasPart($part) ? $this->lineOf($this->kind->part($part)) : null;
    }

    private static function lineOfAdded(OwnPart $part): SheetLine
    {
        return new SheetLine(
            $part->id,
            $part->name,
            new Holding('lift', self::pieces($part->pieces)),
            null === $part->note ? [] : [$part->note],
            new OwnWay(),
            null,
        );
    }

    /**
     * @param array<string, int> $counts by name
     *
     * @return list<Piece>
     */
    private static function pieces(array $counts): array
    {
        $pieces = [];
        foreach ($counts as $name => $count) {
            $pieces[] = new Piece('own-piece-'.count($pieces), (string) $name, $count);
        }

        return $pieces;
    }

    private function lineOf(Part $part): ?SheetLine
    {
        $words = $this->kind->words($this->traits);
        $holding = $part->holding($this->traits, $words);
        $own = $this->own[$part->id] ?? new OwnWay();
        $lines = array_map(static fn (string $line): string => strtr($line, $words), $part->comesOff($this->traits));
        if (null === $holding && ([] === $lines && $own->isEmpty())) {
            return null;
        }

        return new SheetLine(
            $part->id,
            $part->name($this->traits),
            $this->corrected($holding ?? new Holding('lift'), $own),
            $lines,
            $own,
            $part->heldBy,
        );
    }

    private function corrected(Holding $holding, OwnWay $own): Holding
    {
        $pieces = array_map(
            static fn (Piece $piece): Piece => $piece->counting($own->counts[$piece->id] ?? $piece->count),
            $holding->pieces,
        );

        return new Holding(
            $holding->by,
            [...array_values(array_filter($pieces, static fn (Piece $piece): bool => $piece->count > 0)), ...self::pieces($own->pieces)],
            null === $own->loose ? $holding->loose : array_values(
                array_filter(array_map(trim(...), explode(',', $own->loose)), static fn (string $name): bool => '' !== $name),
            ),
            $own->way ?? $holding->way,
            $holding->cautions,
        );
    }
}
