<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Care\Gates\PourGate;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Chemistry\Assessment;
use GoodRinse\Core\Logbook\Payload\Dose;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Writes down that an agent was poured without a round. */
final readonly class PourAgent
{
    public function __construct(private ClockInterface $clock, private PourGate $judge, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param bool $happened the person has said that it has happened already, whatever the verdict
     *
     * @return Assessment what was said of it
     *
     * @throws ActionRefused when the moment lies in the future, or the verdict refuses it and it has not happened
     */
    public function handle(Machine $machine, User $by, string $id, Dose $dose, \DateTimeImmutable $at, bool $happened): Assessment
    {
        if ($at > $this->clock->now()) {
            throw ActionRefused::inTheFuture();
        }

        return DB::transaction(function () use ($machine, $by, $id, $dose, $at, $happened): Assessment {
            $found = $this->judge->assess($machine, $dose->vessel, $dose->agent, $by->home(), $at);
            if ($found->verdict->refuses() && !$happened && !Entry::query()->whereKey($id)->exists()) {
                throw ActionRefused::keptApart($found);
            }
            $this->write->handle($by->home(), $by, [new EntryDraft($dose, $at, Entry::BY_HAND, $machine, id: $id)]);

            return $found;
        });
    }
}
