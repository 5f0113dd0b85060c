<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Care\Readers\CareReader;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Rhythm\Rhythm;

/** A dishwasher with openings told for earlier days. */
trait OpenedMachine
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, [
            'name' => 'Galley',
            'traits' => ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'two', 'outside' => 'painted'],
            'habits' => ['loadsPerWeek' => 7.0, 'plates' => 'scrape'],
            'schools' => ['filter' => 'monthly'],
        ]);
        $this->actingAs($this->user);
    }

    private function opened(string $on, string $found, string $left = 'clear', string $task = 'filter', ?string $measured = null): void
    {
        [$found, $left] = 'seal' === $task ? ['seal-spots', 'seal-clean'] : [$found, $left];
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => $task, 'on' => $on, 'found' => $found, 'left' => $left, 'measured' => $measured],
        )->assertSessionHasNoErrors();
    }

    private function rhythm(string $task = 'filter'): Rhythm
    {
        return app(CareReader::class)->machine($this->machine->refresh(), $this->user->home()->refresh())->tasks[$task]->rhythm();
    }
}
