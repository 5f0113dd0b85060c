<?php

declare(strict_types=1);

namespace Tests\Feature\Measures;

use App\Care\Measures\CupReader;
use App\Care\Readers\KnownAnswers;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Trace;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measurement;
use Illuminate\Support\Str;
use Tests\TestCase;

/** What was measured lately is not asked again, and what was looked at in a round counts with what was measured on a page. */
final class FindingsTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(Household::factory()->create()->refresh());
        $this->machine = $this->machineOf($this->user, ['traits' => ['filter' => 'twist-out', 'arms' => 'two']]);
        $this->actingAs($this->user);
    }

    private function map(string $means, float $lower, float $upper, string $motion = 'spins'): void
    {
        $arm = static fn (string $id, float $blocked): array => [
            'id' => $id, 'motion' => $motion, 'hitsAt' => null, 'stands' => [],
            'jets' => [[0.2, 'top', 2.5, $blocked], [0.4, 'top', 2.5, 0], [0.6, 'top', 2.5, 0], [0.8, 'top', 2.5, 0]],
        ];
        $this->post(route('measures.jets', $this->machine), [
            'id' => (string) Str::ulid(), 'means' => $means, 'map' => json_encode([$arm('lower', $lower), $arm('upper', $upper)]),
        ])->assertSessionHasNoErrors();
    }

    /** @return array<string, string> results by check */
    private function known(string $since = '2026-06-14'): array
    {
        $this->post("/machines/{$this->machine->id}/traces", [
            'id' => $this->ulid(), 'symptoms' => ['upper-dirty'], 'since' => $since, 'look' => '1',
        ])->assertSessionHasNoErrors();
        $catalog = app(Handbook::class)->trouble('dishwasher');
        self::assertNotNull($catalog);

        return array_column(
            app(KnownAnswers::class)->of(Trace::query()->latest('id')->firstOrFail(), $this->user->home(), $catalog),
            1,
            0,
        );
    }

    public function test_a_map_answers_for_the_jets_and_for_the_spin(): void
    {
        $this->map('found', 0.0, 1.0, 'stuck');

        self::assertSame(['upper-shut', 'touches'], [$this->known()['jets-count'] ?? null, $this->known()['spin'] ?? null]);
    }

    public function test_the_worst_arm_is_named_and_one_jet_of_many_is_not_several(): void
    {
        $this->map('found', 1.0, 0.5);
        self::assertSame('lower-shut', $this->known()['jets-count'] ?? null);
        $this->map('left', 0.5, 0.0);
        self::assertSame(['all-open', 'free'], [$this->known()['jets-count'] ?? null, $this->known()['spin'] ?? null]);
    }

    public function test_what_was_only_drawn_answers_nothing(): void
    {
        $this->map('drawn', 1.0, 1.0);
        self::assertArrayNotHasKey('jets-count', $this->known());
    }

    public function test_what_is_long_ago_answers_nothing(): void
    {
        $this->map('found', 1.0, 1.0);
        $this->clock->move('+90 days');
        self::assertArrayNotHasKey('jets-count', $this->known('2026-09-12'));
    }

    public function test_a_cup_of_a_round_is_a_test_like_any_other(): void
    {
        $round = $this->startRound($this->user, $this->machine, 'heat-and-flow');
        $this->walkCup($round->id);
        [$tests] = app(CupReader::class)->tests($this->machine);

        self::assertCount(1, $tests);
        self::assertSame(180.0, $tests[0][1]->rate);
        $this->get(route('measures.cup', $this->machine))->assertOk()->assertSee('180 ml');
    }

    private function walkCup(string $round): void
    {
        foreach (['cup-first' => 40.0, 'cup-second' => 220.0] as $what => $ml) {
            \App\Models\Entry::query()->insert([
                'id' => $this->ulid(), 'household_id' => $this->machine->household_id, 'machine_id' => $this->machine->id,
                'kind' => 'reading', 'happened_at' => '2026-06-15 08:00:00', 'zone' => 'UTC', 'recorded_at' => '2026-06-15 08:00:00',
                'payload' => json_encode((new Measurement($what, $ml))->toArray()), 'source' => 'round', 'round_id' => $round,
            ]);
        }
    }
}
