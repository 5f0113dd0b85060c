<?php

declare(strict_types=1);

namespace App\View\Pages\Kitchen;

use App\View\Drawing\KitchenFigure;

/** One place of the kitchen page: what hangs on its wall, what stands on its worktop and what below. */
final readonly class KitchenRoom
{
    /** Machines from which a place takes the whole width and stands in rows. */
    private const MANY = 7;

    /** @var array<string, non-empty-list<MachineTile>> by level, from the top down; only the levels that hold something */
    public array $levels;

    /** @param list<MachineTile> $tiles */
    public function __construct(public ?string $name, array $tiles)
    {
        $levels = [];
        foreach ([KitchenFigure::WALL, KitchenFigure::TOP, KitchenFigure::FLOOR] as $level) {
            $here = array_values(array_filter($tiles, static fn (MachineTile $tile): bool => $tile->figure->level === $level));
            if ([] !== $here) {
                $levels[$level] = $here;
            }
        }
        $this->levels = $levels;
    }

    public function isMany(): bool
    {
        return count(array_merge(...array_values($this->levels))) >= self::MANY;
    }
}
