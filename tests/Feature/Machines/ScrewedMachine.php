<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;

/** A screwed-down machine and a round on it. */
trait ScrewedMachine
{
    private const TRAITS = [
        'tub' => 'plastic',
        'filter' => 'screwed',
        'arms' => 'two',
        'mesh' => 'plastic',
        'screws' => '8',
        'longScrews' => '4',
        'bit' => 'star-20',
        'lowerLock' => 'screw',
    ];

    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, ['traits' => self::TRAITS]);
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

    /** @return list<string> */
    private function notes(): array
    {
        return array_values(
            Entry::query()->where('kind', EntryKind::Note)
                ->orderBy('seq')
                ->get()
                ->map(fn (Entry $entry): string => (string) ($entry->payload['text'] ?? ''))
                ->all(),
        );
    }
}
