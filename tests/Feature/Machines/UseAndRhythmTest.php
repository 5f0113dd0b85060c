<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Opening;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What a household tells of use, of what was before, of being away, and of the rhythms it wants. */
final class UseAndRhythmTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user);
        $this->actingAs($this->user);
    }

    public function test_some_days_of_the_past_are_told_on_the_calendar_of_use(): void
    {
        $told = ['id' => $this->ulid(), 'from' => '2026-06-01', 'to' => '2026-06-07', 'uses' => '14'];
        $this->post("/machines/{$this->machine->id}/uses", $told)->assertSessionHasNoErrors();
        self::assertEquals(['uses' => 14, 'over' => 7], array_intersect_key(Entry::query()->sole()->payload, ['uses' => 0, 'over' => 0]));
        $this->get("/machines/{$this->machine->id}/uses")->assertOk()
            ->assertSee('aria-label="1 June: 2 loads, entered, spread over its days"', false)->assertSee(
                'aria-label="8 June: 1 load, estimated"',
                false,
            );
        foreach ([['to' => '2026-05-30'], ['to' => '2026-06-20'], ['from' => '2024-06-01'], ['uses' => 'many'], ['uses' => '-1']] as $bad) {
            $this->post("/machines/{$this->machine->id}/uses", $bad + ['id' => $this->ulid()] + $told)->assertSessionHasErrors();
        }
        self::assertSame(1, Entry::query()->count());
        $this->actingAs($this->member(Household::factory()->create()))->get("/machines/{$this->machine->id}/uses")->assertNotFound();
    }

    public function test_coming_back_early_ends_the_absence_and_keeps_what_was_of_it(): void
    {
        $this->post('/away', ['id' => $this->ulid(), 'from' => '2026-06-10', 'to' => '2026-06-25', 'machines' => [$this->machine->id]])
            ->assertSessionHasNoErrors();
        $this->get('/')->assertSee(__('today.use.away', ['day' => '25 Jun']))->assertSee(__('views/today/beside.im_back'));
        $id = $this->ulid();
        $this->post('/away/back', ['id' => $id])->assertSessionHasNoErrors();
        $this->post('/away/back', ['id' => $id])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee('nobody there until');
        $away = Entry::inForce(Entry::query()->where('kind', EntryKind::Away)->get());
        self::assertSame(
            [['2026-06-10', '2026-06-14']],
            $away->map(static fn (Entry $entry): array => [$entry->payload['from'], $entry->payload['to']])->all(),
        );
    }

    public function test_what_came_before_is_told_for_each_part_and_the_first_finding_teaches(): void
    {
        $this->get("/machines/{$this->machine->id}")->assertSee(__('machines.go.before'));
        $this->post(
            "/machines/{$this->machine->id}/before",
            ['id' => $this->ulid(), 'new_on' => '2026-03-01', 'cleaned_on' => '2026-05-16', 'cleaned' => ['filter', 'seal']],
        )->assertSessionHasNoErrors();
        $told = Entry::query()->where('kind', EntryKind::Opening)->get()->groupBy(
            static fn (Entry $entry): string => (string) $entry->payload['how'],
        );
        self::assertEqualsCanonicalizing(
            ['filter', 'seal'],
            $told[Opening::AS_TOLD]->map(static fn (Entry $entry): string => $entry->payload['task'])->all(),
        );
        self::assertGreaterThan(4, $told[Opening::AS_NEW]->count());
        $this->get('/logbook?show=all')->assertSee('was new');
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-15', 'found' => 'heavy', 'left' => 'clear'],
        )->assertSessionHasNoErrors();
        $this->get("/machines/{$this->machine->id}?task=filter")->assertSee('Heavy after 30 days, so 30 days became');
        foreach ([
            ['new_on' => '', 'cleaned_on' => ''],
            ['new_on' => '', 'cleaned_on' => '2026-06-01', 'cleaned' => []],
            ['new_on' => '2026-06-16'],
            ['cleaned' => ['nonsense']],
        ] as $bad) {
            $this->post("/machines/{$this->machine->id}/before", $bad + ['id' => $this->ulid(), 'new_on' => '2026-03-01'])
                ->assertSessionHasErrors();
        }
    }

    /** @return iterable<string, array{array<string, string>, string}> what is wanted, and what the page then says */
    public static function wanted(): iterable
    {
        yield 'as it is now' => [['keep' => 'now'], 'You keep it at'];
        yield 'as it started' => [['keep' => 'start'], 'You keep it at 30 days; what was found would make it'];
        yield 'never under' => [['least' => '60'], 'of about 60'];
        yield 'never over' => [['most' => '10'], 'of about 10'];
    }

    /** @param array<string, string> $wanted */
    #[DataProvider('wanted')]
    public function test_a_rhythm_is_kept_as_it_is_wanted(array $wanted, string $said): void
    {
        foreach (['2026-04-16', '2026-05-16'] as $on) {
            $this->post(
                "/machines/{$this->machine->id}/openings",
                ['id' => $this->ulid(), 'task' => 'filter', 'on' => $on, 'found' => 'heavy', 'left' => 'clear'],
            )->assertSessionHasNoErrors();
        }
        $this->put("/machines/{$this->machine->id}/rhythm/filter", $wanted)->assertSessionHasNoErrors();
        $this->get("/machines/{$this->machine->id}/rhythm/filter")->assertOk()->assertSee($said);
        $this->put("/machines/{$this->machine->id}/rhythm/filter", ['least' => '20', 'most' => '10'])->assertSessionHasErrors('most');
        $this->put("/machines/{$this->machine->id}/rhythm/filter", [])->assertSessionHasNoErrors();
        self::assertSame([], $this->machine->refresh()->rhythms);
    }

    public function test_pictures_stand_together_each_with_its_machine_and_way_back(): void
    {
        $this->get('/logbook?show=pictures')->assertOk()->assertSee(__('views/logbook.no_pictures_yet_a_round_takes'));
        $round = $this->startRound($this->user, $this->machine);
        $this->tick($round, 'power-off', null, ['photo_id' => $this->ulid(), 'photo' => UploadedFile::fake()->image('sump.jpg', 60, 40)])
            ->assertSessionHasNoErrors();
        $this->get('/logbook?show=pictures')
            ->assertOk()
            ->assertSee(__('logbook.head.pictures'))
            ->assertSee("/rounds/$round->id", false)
            ->assertSee("15 June, {$this->machine->name}");
        $other = $this->machineOf($this->user, ['name' => 'Second']);
        $this->get("/logbook?show=pictures&machine=$other->id")->assertSee(__('views/logbook.no_pictures_yet_a_round_takes'));
        $this->actingAs($this->member(Household::factory()->create()))->get('/logbook?show=pictures')
            ->assertSee(__('views/logbook.no_pictures_yet_a_round_takes'));
    }

    public function test_the_logbook_is_searched_by_word_day_and_person(): void
    {
        foreach (['2026-05-01', '2026-06-01'] as $on) {
            $this->post(
                "/machines/{$this->machine->id}/openings",
                ['id' => $this->ulid(), 'task' => 'filter', 'on' => $on, 'found' => 'heavy', 'left' => 'clear'],
            );
        }
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'seal', 'on' => '2026-06-02', 'found' => 'seal-spots', 'left' => 'seal-clean'],
        );
        $count = fn (string $query): int => substr_count(
            (string) $this->get("/logbook?$query")->assertOk()->getContent(),
            'class="line__words"',
        );
        self::assertSame(
            [3, 2, 1, 0, 0],
            [$count(''), $count('from=2026-06-01&to=2026-06-02'), $count('find=seal'), $count('find=%25'), $count('by=9999')],
        );
        $this->get('/logbook?find=nothing+at+all')->assertSee(__('logbook.head.none_found'));
        $this->get('/logbook?from=2026-06-02&to=2026-06-01')->assertRedirect();
    }
}
