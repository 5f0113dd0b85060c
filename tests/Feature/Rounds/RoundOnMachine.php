<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;

/** A dishwasher and rounds on it. */
trait RoundOnMachine
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, ['traits' => ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'two']]);
    }

    /** @param list<string> $procedures */
    private function begin(array $procedures, ?Machine $machine = null): Round
    {
        $machine ??= $this->machine;
        $this->actingAs($this->user)
            ->post("/machines/$machine->id/rounds", ['procedures' => $procedures])
            ->assertRedirect()
            ->assertSessionHasNoErrors();

        return Round::query()->with('machine')->latest('id')->firstOrFail();
    }

    /** @return list<array<array-key, mixed>> payloads of what the round says and nobody has taken back */
    private function payloads(Round $round, EntryKind $kind): array
    {
        return array_values(
            Entry::inForce(
                $round->entries()->where('kind', $kind)->orderBy('seq')->get(),
            )->map(static fn (Entry $entry): array => $entry->payload)->all(),
        );
    }
}
