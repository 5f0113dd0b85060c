<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use Psr\Clock\ClockInterface;

/** Writes down that an indicator light came on, or went out. */
final readonly class RecordLight
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /** @throws ActionRefused when the machine has no such light */
    public function handle(Machine $machine, User $by, string $id, string $light, bool $on): void
    {
        if (!in_array($light, $machine->kindIn($this->handbook)->lights($machine->traits), true)) {
            throw ActionRefused::noSuchLight();
        }
        $this->write->handle(
            $by->home(),
            $by,
            [new EntryDraft(new IndicatorLight($light, $on), $this->clock->now(), Entry::BY_HAND, $machine, id: $id)],
        );
    }
}
