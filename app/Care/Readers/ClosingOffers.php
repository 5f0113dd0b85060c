<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\ClosingOffer;
use App\Models\Household;
use App\Models\Round;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;

/** Finds what a round may offer at its end: the first that machine and household allow, each once. */
final readonly class ClosingOffers
{
    public function __construct(private Handbook $handbook, private CareReader $care)
    {
    }

    /** @return list<ClosingOffer> */
    public function of(Round $round, Household $household): array
    {
        $kind = $round->machine->kindIn($this->handbook);
        $allowed = $this->care->offered($round->machine, $household);
        $had = [] === $round->procedures
            ? []
            : array_keys(
                $kind->procedures->chains(ProcedureSet::from(
                    array_values(array_intersect($round->procedures, array_keys($kind->procedureNames))) ?: [$round->procedures[0]],
                )),
            );
        $offers = [];
        foreach ($kind->procedures->closings($round->progress()->answers) as $closing) {
            $id = array_values(array_intersect($closing->procedures, $allowed))[0] ?? null;
            if (null !== $id && !in_array($id, $had, true)) {
                $offers[$id] ??= new ClosingOffer($id, $kind->procedureNames[$id], $closing->found, $closing->why);
            }
        }

        return array_values($offers);
    }
}
