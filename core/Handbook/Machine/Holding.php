<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

/** How a part is held on a machine, and what comes along when it is taken off. */
final readonly class Holding
{
    /**
     * @param string $by lift, quarter-turn, clips, tabs, plugs, screws, nut, ring, bolt, catch, swing
     * @param list<Piece> $pieces that hold it
     * @param list<string> $loose what lies loose under it: washer, bushing, gasket
     * @param string|null $way which way round it goes back
     * @param list<string> $cautions ids
     */
    public function __construct(
        public string $by,
        public array $pieces = [],
        public array $loose = [],
        public ?string $way = null,
        public array $cautions = [],
    ) {
    }

    /** Whether small things come off that want a dish. */
    public function hasSmallThings(): bool
    {
        return [] !== $this->loose || [] !== array_filter(
            $this->pieces,
            static fn (Piece $piece): bool => null !== $piece->tool || null !== $piece->size,
        );
    }
}
