<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\Confirmation;
use GoodRinse\Core\Logbook\Payload\Symptom;
use Psr\Clock\ClockInterface;

/** Writes down whether a symptom came from the job it pointed to. */
final readonly class ConfirmSymptom
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    /** @throws ActionRefused when the entry is no symptom of a job */
    public function handle(Entry $entry, User $by, string $id, bool $caused): void
    {
        $payload = $entry->decode();
        if (!$payload instanceof Symptom || null === $payload->task) {
            throw ActionRefused::notASymptom();
        }
        $this->write->handle(
            $by->home(),
            $by,
            [new EntryDraft(
                new Confirmation($entry->id, $payload->task, $caused),
                $this->clock->now(),
                Entry::BY_HAND,
                $entry->machine,
                $entry->part,
                id: $id,
            )],
        );
    }
}
