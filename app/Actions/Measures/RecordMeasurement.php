<?php

declare(strict_types=1);

namespace App\Actions\Measures;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Payload;
use Psr\Clock\ClockInterface;

/** Writes down what was measured outside a round, with the opening that follows from it. */
final readonly class RecordMeasurement
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param Opening|null $opening of the part's care task
     */
    public function handle(Machine $machine, User $by, string $id, Payload $payload, ?string $part = null, ?Opening $opening = null): void
    {
        $now = $this->clock->now();
        $draft = static fn (Payload $payload, string $id): EntryDraft => new EntryDraft(
            $payload,
            $now,
            Entry::BY_HAND,
            $machine,
            $part,
            id: $id,
        );
        $drafts = [$draft($payload, $id)];
        if (null !== $opening) {
            $drafts[] = $draft($opening, DerivedUlid::of($id, EntryDraft::OPENING));
        }
        $this->write->handle($by->home(), $by, $drafts);
    }
}
