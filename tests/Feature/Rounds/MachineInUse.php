<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use Tests\Feature\Machines\MachineTest;

/** A machine that was cleaned some weeks ago. */
trait MachineInUse
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->actingAs($this->user)->post('/machines', MachineTest::answers(['cleaned_on' => '2026-05-22']));
        $this->machine = Machine::query()->firstOrFail();
    }

    private function round(?string $procedure = null): Round
    {
        return $this->startRound($this->user, $this->machine, $procedure);
    }

    /** @return list<string> kinds of the entries in the order they were written, the one told at the start left out */
    private function written(): array
    {
        return array_values(
            Entry::query()->where('source', 'round')->orderBy('seq')->get()->map(fn (Entry $entry): string => $entry->kind->value)->all(),
        );
    }
}
