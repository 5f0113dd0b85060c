<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Care\Readers\VesselReader;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Chemistry\Residue;
use Illuminate\Testing\TestResponse;

/** A dishwasher with a plastic tub, and what is poured into it. */
trait PouringHousehold
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf(
            $this->user,
            ['traits' => ['tub' => 'plastic', 'filter' => 'twist-out', 'arms' => 'two', 'mesh' => 'plastic']],
        );
        $this->actingAs($this->user);
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function pour(string $agent, string $vessel = 'tub', array $more = []): TestResponse
    {
        return $this->post("/machines/{$this->machine->id}/vessels/$vessel/pour", $more + ['id' => $this->ulid(), 'agent' => $agent]);
    }

    /** @return list<string> */
    private function holds(string $vessel): array
    {
        return array_map(
            static fn (Residue $residue): string => $residue->agent,
            app(VesselReader::class)->record($this->machine, $vessel, $this->user->home())->residues,
        );
    }

    private function acidWashBeforeItsVinegar(): Round
    {
        $this->post("/machines/{$this->machine->id}/rounds", ['procedure' => 'acid-wash']);
        $round = Round::query()->with('machine')->firstOrFail();
        $this->tick($round, 'kit');
        $this->tick($round, 'empty');
        $this->tick($round, 'hot-tap');
        $this->tick($round, 'wash-with', 'vinegar');

        return $round;
    }
}
