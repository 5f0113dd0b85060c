<?php

declare(strict_types=1);

namespace GoodRinse\Core\Apart;

use GoodRinse\Core\Handbook\Machine\Holding;
use GoodRinse\Core\Handbook\Machine\Piece;

/** How one part comes off one machine. */
final readonly class SheetLine
{
    /**
     * @param Holding $holding as it is on this machine
     * @param list<string> $lines how it comes off, in order
     * @param OwnWay $own what of it the household set right
     * @param string|null $heldBy trait of the machine that says how it is held
     */
    public function __construct(
        public string $part,
        public string $name,
        public Holding $holding,
        public array $lines,
        public OwnWay $own,
        public ?string $heldBy,
    ) {
    }

    /** @return list<string> traits of the machine that say how the part is held */
    public function traits(): array
    {
        $traits = [$this->heldBy];
        foreach ($this->holding->pieces as $piece) {
            array_push($traits, $piece->countTrait, $piece->bitTrait);
        }

        return array_values(array_unique(array_filter($traits)));
    }

    /** @return list<string> the same with size, bit and place, "8 cover screws (short, six-point star 20, round the rim)" */
    public function inFull(): array
    {
        return [...array_map(static function (Piece $piece): string {
            $more = implode(', ', array_filter([$piece->size, $piece->bit, $piece->where]));

            return $piece->counted().('' === $more ? '' : " ($more)");
        }, $this->holding->pieces), ...$this->holding->loose];
    }

    /** How many small pieces come along, as far as they are counted; each loose one is one. */
    public function smallPieces(): int
    {
        return (int) array_sum(array_map(static fn (Piece $piece): int => $piece->count, $this->holding->pieces))
            + count($this->holding->loose);
    }

    /** @return list<string> everything small that comes along, "8 cover screws", "washer" */
    public function comesAlong(): array
    {
        return [...array_map(static fn (Piece $piece): string => $piece->counted(), $this->holding->pieces), ...$this->holding->loose];
    }
}
