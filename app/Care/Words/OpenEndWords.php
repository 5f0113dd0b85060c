<?php

declare(strict_types=1);

namespace App\Care\Words;

use App\Models\Round;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Round\OpenEnd;

/** Says in words what a round left open. */
final class OpenEndWords
{
    /** @param list<OpenEnd> $ends */
    public static function list(Round $round, array $ends): string
    {
        $handbook = app(Handbook::class);
        $kind = $round->handbook()->kind($round->machine->kind);

        return implode(', ', array_map(static fn (OpenEnd $end): string => match ($end->kind) {
            OpenEnd::PART_OFF, OpenEnd::LEFT_OVER => (string) __(
                "rounds.open.$end->kind",
                ['part' => mb_strtolower($kind->part($end->what)->name($round->machine->traits))],
            ),
            OpenEnd::NOT_TESTED => $handbook->check($end->what)->untested ?? (string) __('rounds.open.not-tested'),
            default => $handbook->check($end->what)->open ?? (string) __('rounds.open.failed'),
        }, $ends));
    }
}
