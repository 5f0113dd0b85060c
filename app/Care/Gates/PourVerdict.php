<?php

declare(strict_types=1);

namespace App\Care\Gates;

use GoodRinse\Core\Chemistry\Assessment;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Handbook\Chemistry\Vessel;

/** What the interlock says of an agent that is about to go into a vessel. */
final readonly class PourVerdict
{
    /** @param list<Residue> $there what the vessel holds */
    public function __construct(public Vessel $vessel, public string $agent, public Assessment $found, public array $there)
    {
    }
}
