<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Round;
use GoodRinse\Core\Round\OpenEnd;

/** Says in words what a round left open. */
final class OpenEndWords
{
    /** @param list<OpenEnd> $ends */
    public static function list(Round $round, array $ends): string
    {
        $kind = $round->handbook()->kind($round->machine->kind);

        return implode(', ', array_map(static fn (OpenEnd $end): string => OpenEnd::PART_OFF === $end->kind
            ? (string) __('rounds.open.part-off', ['part' => mb_strtolower($kind->part($end->what)->name($round->machine->traits))])
            : (string) __("rounds.open.$end->kind.$end->what"), $ends));
    }
}
