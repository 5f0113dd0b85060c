<?php

declare(strict_types=1);

namespace Tests\Feature\Measures;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Opening;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The map of a machine's spray arms, on its page and in a round. */
final class JetsTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, ['traits' => ['filter' => 'twist-out', 'arms' => 'two']]);
        $this->actingAs($this->user);
    }

    /** @param list<list<mixed>> $jets of the lower arm */
    private static function map(array $jets, string $arm = 'lower', string $motion = 'spins', ?int $hour = null): string
    {
        $stands = [[0.35, 'bowls'], [0.7, 'plates'], [1, 'our big pan']];
        $arm = ['id' => $arm, 'motion' => $motion, 'hitsAt' => $hour, 'jets' => $jets, 'stands' => $stands];

        return json_encode([$arm], JSON_THROW_ON_ERROR);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(string $map, string $means = 'found', ?string $id = null): TestResponse
    {
        return $this->post(route('measures.jets', $this->machine), ['id' => $id ?? (string) Str::ulid(), 'means' => $means, 'map' => $map]);
    }

    /** @return list<Opening> in force, the oldest first */
    private function openings(): array
    {
        $openings = [];
        foreach (Entry::inForce($this->machine->entries()->where('kind', EntryKind::Opening)->orderBy('seq')->get()) as $entry) {
            $payload = $entry->decode();
            if ($payload instanceof Opening) {
                $openings[] = $payload;
            }
        }

        return $openings;
    }

    public function test_a_machine_begins_with_the_arms_of_its_kind_and_all_jets_open(): void
    {
        $page = $this->get(route('measures.jets', $this->machine))->assertOk();

        $page->assertSee(__('measures.jets.head_new'))->assertSee('data-arm="1"', false)->assertDontSee('data-arm="2"', false);
        self::assertStringContainsString('rack__wet', (string) $page->getContent());
    }

    public function test_a_map_is_kept_as_the_opening_of_the_arms_and_can_be_taken_back(): void
    {
        $id = (string) Str::ulid();
        $map = self::map([[0.3, 'top', 2.5, 0], [0.85, 'top', 2.5, 1], [-0.8, 'under', 2.5, 0.5], [-0.4, 'under', 2.5, 0.5]]);
        $this->send($map, id: $id)->assertRedirect(route('measures.jets', $this->machine));
        $this->send($map, id: $id); // sent again

        self::assertCount(1, $this->openings());
        [$opening] = $this->openings();
        self::assertSame(
            ['arms', 0.5, 0.5, Opening::COUNTED],
            [$opening->task, $opening->found?->value, $opening->left->value, $opening->how],
        );
        $this->get(route('measures.jets', $this->machine))->assertSee('our big pan')->assertSee(__('measures.jets.was.found'));

        $this->post(route('entries.void', $id));
        self::assertSame([], $this->openings(), 'the opening goes with the map');
        $this->get(route('measures.jets', $this->machine))->assertSee(__('measures.jets.head_new'));
    }

    public function test_as_they_went_back_teaches_nothing_and_counts_from_now(): void
    {
        $this->send(self::map([[0.3, 'top', 2.5, 0], [0.85, 'top', 2.5, 1]]), 'found');
        $this->send(self::map([[0.3, 'top', 2.5, 0], [0.85, 'top', 2.5, 0]]), 'left');

        self::assertSame([0.5, null], array_map(static fn (Opening $opening): ?float => $opening->found?->value, $this->openings()));
        self::assertSame(0.0, $this->openings()[1]->left->value);
        $this->get(route('measures.jets', $this->machine))->assertSee(__('measures.jets.head_all'))->assertSee('class="pair"', false);
    }

    public function test_what_was_only_drawn_opens_nothing(): void
    {
        $this->send(self::map([[0.3, 'top', 2.5, 0]]), 'drawn');

        self::assertSame([], $this->openings());
    }

    public function test_an_arm_that_does_not_turn_is_said_first(): void
    {
        $this->send(self::map([[0.3, 'top', 2.5, 0], [-0.9, 'top', 2.5, 0]], motion: 'hits', hour: 4));

        $this->get(route('measures.jets', $this->machine))->assertSee('4 o’clock')
            ->assertSee(__('measures.jets.head_stands', ['arm' => 'lower arm']));
    }

    /** @return iterable<string, array{string}> */
    public static function bad(): iterable
    {
        yield 'off the arm' => [self::map([[1.2, 'top', 2.5, 0]])];
        yield 'without a bore' => [self::map([[0.2, 'top', 0, 0]])];
        yield 'wider than any jet' => [self::map([[0.2, 'top', 40, 0]])];
        yield 'two in one place' => [self::map([[0.2, 'top', 2, 0], [0.2, 'top', 2, 0]])];
        yield 'an arm that it does not have' => [self::map([[0.2, 'top', 2, 0]], 'roof')];
        yield 'hits at thirteen' => [self::map([[0.2, 'top', 2, 0]], motion: 'hits', hour: 13)];
        yield 'no drawing' => ['{"jets":'];
        yield 'nothing' => [''];
    }

    #[DataProvider('bad')]
    public function test_a_map_that_cannot_be_is_refused_with_a_reason_and_nothing_is_lost(string $map): void
    {
        $this->from(route('measures.jets', $this->machine))->send($map)->assertRedirect(route('measures.jets', $this->machine));

        self::assertTrue(session()->has('errors') || session()->has('trouble'), 'it says why');
        self::assertSame($map, session()->getOldInput('map') ?? '');
        self::assertSame(0, $this->machine->entries()->count());
        $this->get(route('measures.jets', $this->machine))->assertOk();
    }

    public function test_another_household_sees_and_writes_nothing_of_it(): void
    {
        $this->actingAs($this->member());

        $this->get(route('measures.jets', $this->machine))->assertNotFound();
        $this->send(self::map([[0.3, 'top', 2.5, 0]]))->assertNotFound();
    }

    public function test_a_machine_without_arms_has_no_such_page(): void
    {
        $hood = $this->machineOf($this->user, ['kind' => 'hood', 'traits' => [], 'habits' => []]);
        $this->get(route('measures.jets', $hood))->assertNotFound();
    }

    public function test_in_a_round_the_map_decides_and_one_blocked_jet_is_no_clean_arm(): void
    {
        $this->post(route('rounds.store', $this->machine), ['procedures' => ['spray-arms']]);
        $round = Round::query()->firstOrFail();
        foreach ($round->progress()->steps() as $step) {
            if ('jets-look' === $step->id) {
                break;
            }
            $this->postJson(route('ticks.store', $round), [
                'id' => (string) Str::ulid(), 'photo_id' => (string) Str::ulid(), 'step' => $step->id,
            ]);
        }
        $this->get(route('rounds.show', $round))->assertSee('x-data="jetMap"', false);
        $jets = array_map(static fn (int $n): array => [$n / 20, 'top', 2.5, 1 === $n ? 0.5 : 0], range(1, 20));
        $this->postJson(route('ticks.store', $round), [
            'id' => (string) Str::ulid(), 'photo_id' => (string) Str::ulid(), 'step' => 'jets-look', 'map' => self::map($jets),
        ])->assertOk();

        $tick = $round->fresh()?->progress()->tick($round->progress()->step('jets-look'));
        self::assertSame('jets-few', $tick?->answer, 'and so it is cleaned');
        self::assertSame(JetMap::FOUND, $tick->details->map?->means);
        self::assertEqualsWithDelta(0.025, $this->openings()[0]->found->value ?? 0.0, 1e-9);
        self::assertSame(1, $this->machine->entries()->where('kind', EntryKind::Jets)->count());
        self::assertSame('jets-hook', $round->fresh()?->progress()->current()?->id);

        $entries = $this->machine->entries()->count();
        $this->get(route('rounds.show', [$round, 'step' => 'jets-look']))->assertSee('data-always="1"', false);
        $this->postJson(route('ticks.store', $round), [
            'id' => (string) Str::ulid(), 'photo_id' => (string) Str::ulid(), 'step' => 'jets-look', 'map' => self::map($jets),
        ])->assertOk();
        self::assertSame($entries, $this->machine->entries()->count(), 'looked at again and left as it was');
    }
}
