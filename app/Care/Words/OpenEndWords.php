<?php

declare(strict_types=1);

namespace App\Care\Words;

use App\Models\Round;
use GoodRinse\Core\Round\OpenEnd;

/** Says in words what a round left open. */
final class OpenEndWords
{
    /** @param list<OpenEnd> $ends */
    public static function list(Round $round, array $ends): string
    {
        $kind = $round->handbook()->kind($round->machine->kind);

        return implode(', ', array_map(static fn (OpenEnd $end): string => in_array(
            $end->kind,
            [OpenEnd::PART_OFF, OpenEnd::LEFT_OVER],
            true,
        )
            ? (string) __("rounds.open.$end->kind", ['part' => mb_strtolower($kind->part($end->what)->name($round->machine->traits))])
            : (string) __("rounds.open.$end->kind.$end->what"), $ends));
    }
}
