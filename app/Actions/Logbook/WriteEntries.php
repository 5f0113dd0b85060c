<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Household;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Adds lines to the logbook. Nothing else does. */
final readonly class WriteEntries
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * All of them or none. One that is already there under its id is left as it is, so sending it again is
     * harmless.
     *
     * @param list<EntryDraft> $drafts
     *
     * @throws ActionRefused for the future, or an id that holds something else
     */
    public function handle(Household $household, ?User $by, array $drafts): void
    {
        DB::transaction(function () use ($household, $by, $drafts): void {
            $rows = [];
            foreach ($drafts as $draft) {
                // A round's ticks are dated already, and never before one another; a clock that was set back stops nothing.
                if ($draft->happenedAt > $this->clock->now() && Entry::BY_ROUND !== $draft->source) {
                    throw ActionRefused::inTheFuture();
                }
                if (null === $draft->id || !$this->isThere($household, $draft)) {
                    $rows[] = $this->row($household, $by, $draft);
                }
            }
            foreach (array_chunk($rows, 50) as $some) {
                DB::table('entries')->insert($some);
            }
        });
    }

    private function isThere(Household $household, EntryDraft $draft): bool
    {
        $there = Entry::query()->find($draft->id);
        if (null === $there) {
            return false;
        }
        if (
            $there->household_id !== $household->id
            || $there->kind !== $draft->payload->kind()
            || $there->payload != $draft->payload->toArray()
        ) {
            throw ActionRefused::idTaken();
        }

        return true;
    }

    /** @return array<string, scalar|null> */
    private function row(Household $household, ?User $by, EntryDraft $draft): array
    {
        $utc = new \DateTimeZone('UTC');

        return [
            'id' => $draft->id ?? (string) Str::ulid(),
            'household_id' => $household->id,
            'machine_id' => $draft->machine?->id,
            'part' => $draft->part,
            'kind' => $draft->payload->kind()->value,
            'happened_at' => $draft->happenedAt->setTimezone($utc)->format('Y-m-d H:i:s'),
            'zone' => $household->timezone,
            'recorded_by' => $by?->id,
            'recorded_at' => $this->clock->now()->format('Y-m-d H:i:s'),
            'payload' => json_encode(
                $draft->payload->toArray(),
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE,
            ),
            'source' => $draft->source,
            'round_id' => $draft->round?->id,
            'step' => $draft->step,
            'voids' => $draft->voids,
            'corrects' => $draft->corrects,
        ];
    }
}
