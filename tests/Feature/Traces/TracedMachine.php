<?php

declare(strict_types=1);

namespace Tests\Feature\Traces;

use App\Models\Machine;
use App\Models\Trace;
use App\Models\User;
use Illuminate\Testing\TestResponse;

/** A dishwasher with an air gap, and a trace on it. */
trait TracedMachine
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, [
            'name' => 'Galley',
            'traits' => ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'two', 'airGap' => 'air-gap'],
            'habits' => ['loadsPerWeek' => 7.0, 'plates' => 'scrape'],
            'schools' => ['filter' => 'monthly'],
        ]);
        $this->actingAs($this->user);
    }

    /** @param list<string> $symptoms */
    private function begin(array $symptoms, string $since = '2026-06-14'): Trace
    {
        $id = $this->ulid();
        $this->post("/machines/{$this->machine->id}/traces", ['id' => $id, 'symptoms' => $symptoms, 'since' => $since, 'look' => '1'])
            ->assertRedirect("/traces/$id");

        return Trace::query()->findOrFail($id);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function answer(Trace $trace, string $card, ?string $result, string $kind = Trace::ANSWER, ?int $seen = null): TestResponse
    {
        return $this->post(
            "/traces/$trace->id/steps",
            ['seen' => $seen ?? count($trace->refresh()->steps), 'kind' => $kind, 'card' => $card, 'result' => $result],
        );
    }

    private static function first(string $html): string
    {
        preg_match('#<ul class="suspects">.*?<span>([^<]*)<#s', $html, $found);

        return $found[1] ?? '';
    }
}
