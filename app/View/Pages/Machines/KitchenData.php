<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\MachineCare;
use App\View\PageData;

/** The household's machines, each with what is due first. */
final readonly class KitchenData extends PageData
{
    /** @var list<MachineTile> */
    public array $machines;

    /** @param list<MachineCare> $machines */
    public function __construct(array $machines)
    {
        $this->machines = array_map(MachineTile::of(...), $machines);
    }
}
