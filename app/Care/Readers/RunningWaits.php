<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use GoodRinse\Core\Round\RunningTimer;

/** The waits going on in a household that are long enough to forget. */
final readonly class RunningWaits
{
    /** A shorter one is waited out beside the machine. */
    private const LONG_MINUTES = 60;

    public function __construct(private OpenRounds $apart)
    {
    }

    /** @return list<array{Round, RunningTimer}> of every round under way that this version can read */
    public function of(Household $household): array
    {
        $machines = $household->activeMachines()->get()->keyBy(static fn (Machine $machine): string => $machine->id)->all();
        $found = [];
        foreach ($this->apart->rounds($household, $machines) as $round) {
            foreach (null === $round->ended_at && $round->isReadable() ? $round->progress()->timers() : [] as $timer) {
                if (!$timer->open && $timer->lasts->value >= self::LONG_MINUTES) {
                    $found[] = [$round, $timer];
                }
            }
        }

        return $found;
    }
}
