<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Measurement;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

/** Rounds on a machine as it really is: kit, tray, readings, what is different, what is left open, and the record. */
final class TakeApartTest extends TestCase
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

    public function test_the_kit_says_which_bit_and_nothing_missing_goes_unsaid(): void
    {
        $round = $this->begin(['strip-down']);
        $this->tick($round, 'bits-ready');
        $this->get("/rounds/$round->id")->assertSee('driver, six-point star 20')->assertSee('for 8 cover screws, 4 long screws');
        $kit = ['kit' => ['driver', 'dish', 'agent:dish-soap'], 'have' => ['dish']];
        $this->tick($round, 'kit', null, $kit)->assertSessionHasErrors(
            ['kit' => 'Not ticked off: driver, six-point star 20, dish soap. Get it before you open the machine, or say that you go on '
                .'without.'],
        );
        self::assertSame('kit', $round->load('ticks')->progress()->current()?->id);
        $this->tick($round, 'kit', null, $kit + ['without' => '1'])->assertSessionHasNoErrors();
        self::assertSame(['Begun without: driver, six-point star 20, dish soap.'], $this->notes());
        foreach ([
            'power-off',
            'rack-out',
            'lower-arm-off',
            'upper-rack-out',
            'cover-off',
            'feed-off',
            'wash-impeller-off',
            'body-off',
        ] as $step) {
            $this->tick($round, $step)->assertSessionHasNoErrors();
        }
        $this->get("/rounds/$round->id")
            ->assertSee('1 Lower rack')
            ->assertSee('8 cover screws')
            ->assertSee('Keyed to one position.')
            ->assertSee(
                'Goes back: filter assembly, then wash impeller',
            );
    }

    public function test_a_step_whose_tool_is_missing_says_so(): void
    {
        $round = $this->begin(['spray-arms']);
        $this->tick($round, 'kit', null, ['kit' => ['clip', 'torch'], 'have' => ['torch'], 'without' => '1']);
        foreach (['power-off', 'rack-out', 'lower-arm-off', 'upper-rack-out', 'upper-arm-off'] as $step) {
            $this->tick($round, $step);
        }
        $this->tick($round, 'jets-look', 'jets-half');
        $this->get("/rounds/$round->id")->assertSee('You began without: unfolded paper clip');
    }

    public function test_what_is_set_right_is_followed_at_once_and_kept(): void
    {
        $round = $this->begin(['strip-down']);
        $this->tick($round, 'bits-ready');
        $sheet = "/machines/{$this->machine->id}/apart";
        $this->get("$sheet/cover?round=$round->id")
            ->assertOk()
            ->assertSee('How many screws hold the cover?')
            ->assertSee('Which driver bit do they take?');
        $this->put("$sheet/cover", [
            'id' => $this->ulid(),
            'round' => $round->id,
            'traits' => ['screws' => '6', 'bit' => 'cross-2'],
            'way' => 'Arrow to the left.',
            'note' => 'one is stripped',
            'photo' => UploadedFile::fake()->image('cover.jpg', 900, 600),
        ])
            ->assertRedirect("/rounds/$round->id");

        $round->refresh();
        self::assertStringContainsString('Undo the cover screws: 6.', (string) json_encode($round->script));
        $this->machine->refresh();
        self::assertSame(['6', 'cross-2'], [$this->machine->traits['screws'], $this->machine->traits['bit']]);
        $photo = Photo::query()->where('part', 'cover')->sole();
        $this->get($sheet)
            ->assertSee('6 cover screws (short, cross 2, round the rim)')
            ->assertSee('Arrow to the left.')
            ->assertSee('one is stripped')
            ->assertSee("/photos/$photo->id");
        $this->get("/machines/{$this->machine->id}/card")->assertOk()->assertHeader('Content-Type', 'application/pdf');

        $this->put(
            "$sheet/lower-arm",
            ['id' => $this->ulid(), 'traits' => ['lowerLock' => 'screw'], 'counts' => ['hub-screw' => '2'], 'loose' => 'washer'],
        )->assertRedirect($sheet);
        self::assertSame(
            ['hub-screw' => 2],
            $this->machine->refresh()->ownWays()['lower-arm']->counts,
            'what is as the handbook has it is not kept',
        );
        self::assertNull($this->machine->ownWays()['lower-arm']->loose);
        foreach ([
            ['counts' => ['hub-screw' => '99']],
            ['traits' => ['lowerLock' => 'glue']],
            ['note' => str_repeat('x', 500)],
            ['photo' => UploadedFile::fake()->create('x.heic', 10)],
        ] as $wrong) {
            $this->from("$sheet/lower-arm")->put("$sheet/lower-arm", ['id' => $this->ulid()] + $wrong)->assertSessionHasErrors();
        }
        $this->get("$sheet/label")->assertNotFound();
    }

    public function test_parts_left_on_and_pieces_left_over_are_written_down(): void
    {
        $round = $this->begin(['spray-arms']);
        foreach (['kit', 'power-off', 'rack-out', 'lower-arm-off', 'upper-rack-out'] as $step) {
            $this->tick($round, $step);
        }
        $this->tick($round, 'upper-arm-off', null, ['how' => 'skipped'])->assertSessionHasNoErrors();
        $this->tick($round, 'jets-look', 'jets-open');
        $this->get("/rounds/$round->id")->assertSee('Left on: upper arm.')->assertDontSee('Upper arm back');
        $this->tick($round, 'upper-rack-in');
        $this->tick($round, 'lower-arm-on', null, ['left' => ['hub screw' => '1', 'washer' => '0']]);
        self::assertSame(['Left over at “Lower arm back”: 1 × hub screw.'], $this->notes());
        $this->tick($round, 'spin-test', null, ['how' => 'skipped'])->assertSessionHasNoErrors();
        $this->walk($round, []);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasErrors('did');
        $this->post("/rounds/$round->id/end", ['how' => 'finished', 'knows' => '1']);
        $this->get('/')->assertSee('something is left over from the lower arm');
        $this->get("/rounds/$round->id/record")->assertSee('left out');

        $this->post("/rounds/$round->id/settle")->assertRedirect();
        $this->post("/rounds/$round->id/settle");
        $this->get('/')->assertDontSee('was left unfinished');
        self::assertCount(1, array_filter($this->notes(), fn (string $note): bool => str_starts_with($note, 'Put right: ')));
    }

    public function test_a_machine_that_is_not_whole_is_not_run_without_saying_so(): void
    {
        $this->machine = $this->machineOf($this->user, ['traits' => ['tub' => 'plastic', 'filter' => 'twist-out', 'arms' => 'two']]);
        $apart = $this->begin(['sump-and-drain']);
        foreach (['kit', 'power-off', 'rack-out', 'lower-arm-off'] as $step) {
            $this->tick($apart, $step);
        }
        $this->post("/rounds/$apart->id/end", ['how' => 'stopped', 'knows' => '1']);

        $round = $this->begin(['soda-freshening']);
        $this->tick($round, 'kit');
        $this->tick($round, 'empty');
        $this->tick($round, 'soda-floor');
        $this->get("/rounds/$round->id")->assertSee('Not like this')->assertSee('Lower arm is off the machine');
        $this->tick($round, 'soda-cycle')->assertSessionHasErrors('did');
        self::assertFalse($round->ticks()->where('step', 'soda-cycle')->exists());
        $this->tick($round, 'soda-cycle', null, ['knows' => '1'])->assertSessionHasNoErrors();
        self::assertStringStartsWith('Run all the same: lower arm is off the machine', $this->notes()[1] ?? '');
    }

    public function test_a_later_round_settles_an_earlier_one_only_when_it_has_put_all_of_it_right(): void
    {
        $this->machine = $this->machineOf($this->user, ['traits' => ['tub' => 'plastic', 'filter' => 'twist-out', 'arms' => 'two']]);
        $apart = $this->begin(['sump-and-drain']);
        foreach (['kit', 'power-off', 'rack-out', 'lower-arm-off'] as $step) {
            $this->tick($apart, $step);
        }
        $this->post("/rounds/$apart->id/end", ['how' => 'stopped', 'knows' => '1']);
        self::assertContains('impeller-free', array_column($apart->refresh()->leftOpen(), 'what'));

        $arms = $this->begin(['spray-arms']);
        $this->walk($arms, ['jets' => 'jets-open']);
        $this->post("/rounds/$arms->id/end", ['how' => 'finished']);
        self::assertNull($apart->refresh()->settled_at, 'arm and rack are back, but nobody has tried the impeller');

        $sump = $this->begin(['sump-and-drain']);
        $this->walk($sump, ['well' => 'well-clean']);
        $this->post("/rounds/$sump->id/end", ['how' => 'finished']);
        self::assertNotNull($apart->refresh()->settled_at);
        self::assertNull($arms->refresh()->settled_at, 'a round that left nothing open has nothing to settle');
        $this->get("/rounds/$apart->id")->assertSee('has been put right since');
    }

    public function test_a_picture_of_a_part_is_refused_in_the_same_words(): void
    {
        $this->actingAs($this->user)->put(
            "/machines/{$this->machine->id}/apart/cover",
            ['id' => $this->ulid(), 'photo' => UploadedFile::fake()->create('IMG_2.HEIF', 50, 'image/heif')],
        )
            ->assertSessionHasErrors(['photo' => (string) __('rounds.photo_heic')]);
        self::assertSame(0, Photo::query()->count());
    }

    public function test_readings_are_entries_that_correct_themselves(): void
    {
        $round = $this->begin(['spray-arms']);
        $this->tick(
            $round,
            'jets-look',
            null,
            ['r' => ['jets-lower-top' => ['shut' => '5', 'all' => '10'], 'jets-upper' => ['shut' => '0', 'all' => '10']]],
        )->assertSessionHasNoErrors();
        self::assertSame('jets-few', $round->load('ticks')->progress()->answers['jets'], 'the count decides');
        $this->tick($round, 'jets-look', 'jets-open', ['r' => ['jets-lower-top' => ['shut' => '11', 'all' => '10']]])
            ->assertSessionHasErrors(
                ['did' => 'Lower arm, top: that number cannot be right. Look again.'],
            );
        $this->tick($round, 'jets-look', 'jets-open', ['r' => ['jets-lower-top' => ['shut' => '1', 'all' => '10']]])
            ->assertSessionHasNoErrors();
        $opening = Entry::query()->where('kind', EntryKind::Opening)->where('payload->task', 'arms')->latest('seq')->firstOrFail();
        self::assertSame([0.1, 'counted'], [$opening->payload['found'], $opening->payload['how']]);
        $this->tick($round, 'jets-hook', null, ['r' => ['debris' => ['seed', 'glass', 'gold']]]);
        $debris = Entry::query()->where('step', 'jets-hook')->sole()->decode();
        self::assertEquals(new Measurement('debris', picks: ['seed', 'glass']), $debris);
        $this->get('/logbook')->assertSee('Lower arm, top: 1 of 10 jets shut')->assertSee('What was in it: seeds, glass');
        $this->get("/rounds/$round->id?step=jets-look")->assertSee('value="10"', false);
    }

    public function test_a_tick_from_a_phone_that_was_cut_off_keeps_its_time_and_is_written_once(): void
    {
        $round = $this->begin(['soda-rest']);
        $this->clock->move('+30 minutes');
        $id = $this->ulid();
        foreach ([0, 1] as $sent) {
            $this->postJson("/rounds/$round->id/ticks", ['id' => $id, 'step' => 'rest-soda', 'ago' => 600])->assertOk();
        }
        $tick = $round->ticks()->sole();
        self::assertSame('2026-06-15 09:20:00', $tick->at->format('Y-m-d H:i:s'));
        self::assertSame('2026-06-15 09:20:00', Entry::query()->where('kind', EntryKind::Dose)->sole()->happened_at->format('Y-m-d H:i:s'));
        $this->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'empty', 'ago' => 99_999])->assertOk();
        self::assertSame(
            '2026-06-15 09:20:00',
            $round->ticks()->where('step', 'empty')->sole()->at->format('Y-m-d H:i:s'),
            'never before what the same person did before',
        );
    }

    public function test_what_was_poured_while_cut_off_is_written_and_warned_of(): void
    {
        $round = $this->begin(['acid-wash']);
        $this->tick($round, 'wash-with', 'vinegar');
        $this->post(
            "/machines/{$this->machine->id}/vessels/tub/pour",
            ['id' => $this->ulid(), 'agent' => 'chlorine-bleach', 'happened' => '1'],
        )->assertSessionHasNoErrors();
        $this->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'vinegar-cup'])->assertUnprocessable();
        $said = $this->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'vinegar-cup', 'ago' => 60])
            ->assertOk()
            ->json('warning');
        self::assertStringContainsString('chlor', mb_strtolower((string) $said));
        self::assertTrue($round->ticks()->where('step', 'vinegar-cup')->exists());
    }

    public function test_a_wait_that_was_too_long_is_written_down(): void
    {
        $machine = $this->machineOf(
            $this->user,
            ['traits' => ['tub' => 'plastic', 'filter' => 'twist-out', 'mesh' => 'plastic', 'arms' => 'two']],
        );
        $round = $this->begin(['filter-clean'], $machine);
        $this->tick($round, 'hold-to-light', 'heavy');
        $this->tick($round, 'light-again', 'film', ['also' => 'slime']);
        $this->tick($round, 'bleach-wipe');
        $this->clock->move('+7 minutes');
        self::assertSame([], preg_grep('/^Bleach/', $this->notes()));
        $this->clock->move('+7 minutes');
        $this->tick($round, 'bleach-off');
        self::assertContains('Bleach: it was 14 minutes, and 10 is the most it may be.', $this->notes());
    }

    public function test_two_devices_see_how_far_a_round_is(): void
    {
        $round = $this->begin(['racks']);
        $before = $this->getJson("/rounds/$round->id/state")->assertOk()->json();
        self::assertSame(['', false], [$before['last'], $before['ended']]);
        $this->tick($round, 'kit');
        self::assertSame($round->ticks()->sole()->id, $this->getJson("/rounds/$round->id/state")->json('last'));
        $ahead = (string) $this->get("/rounds/$round->id/ahead")->assertOk()->getContent();
        self::assertSame(count($round->fittedProcedure()->steps), substr_count($ahead, '<template data-step='));
        self::assertStringContainsString('data-step="basket-brush"', $ahead);
    }

    public function test_several_together_share_what_they_share(): void
    {
        $compose = "/machines/{$this->machine->id}/rounds/new";
        $this->actingAs($this->user)
            ->get("$compose?procedures[]=spray-arms&procedures[]=strip-down")
            ->assertOk()
            ->assertSee('In one round')
            ->assertSee('done once instead of again');
        $this->get("$compose?part=seal")->assertSee('What about the door seal?')->assertSee('value="door-and-seal"', false);
        $this->get("$compose?procedures[]=drain-path&procedures[]=racks")->assertSee('Drain path cannot be combined with anything else.');
        $round = $this->begin(['acid-wash', 'spray-arms']);
        self::assertSame(['acid-wash', 'spray-arms'], $round->procedures);
        self::assertSame('Spray arms and acid wash', $round->fittedProcedure()->name);
        $this->post("/machines/{$this->machine->id}/rounds", ['procedures' => ['drain-path', 'racks']])->assertSessionHasErrors(
            ['did' => 'Drain path cannot be combined with anything else. Do it in a round of its own.'],
        );
        $this->post("/machines/{$this->machine->id}/rounds", ['procedures' => ['racks', '<b>']])->assertSessionHasErrors('procedures.1');
        $this->walk($round, ['jets' => 'jets-half']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertSee('Acid wash')->assertSee('Lower arm');
    }

    public function test_the_service_record_tells_it_all_on_paper_too(): void
    {
        $round = $this->begin(['spray-arms']);
        $this->tick(
            $round,
            'jets-look',
            'jets-half',
            ['photo_id' => $this->ulid(), 'photo' => UploadedFile::fake()->image('jets.jpg', 400, 300)],
        );
        $this->walk($round, ['crusted' => 'some-crust']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished']);
        $this->get("/rounds/$round->id/record")
            ->assertOk()
            ->assertSee('Service record')
            ->assertSee('half blocked; left: all open')
            ->assertSee('500 ml of white vinegar')
            ->assertSee('Taken off, in this order: lower rack, lower arm')
            ->assertSee('before')
            ->assertSee('Next due');
        $pdf = $this->get("/rounds/$round->id/record.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
    }

    public function test_a_picture_in_a_sort_not_every_device_shows_is_refused_with_the_way_out(): void
    {
        $round = $this->begin(['racks']);
        $heic = UploadedFile::fake()->create('IMG_1.HEIC', 50, 'image/heic');
        $this->tick($round, 'kit', null, ['photo_id' => $this->ulid(), 'photo' => $heic])->assertSessionHasErrors(
            ['photo' => (string) __('rounds.photo_heic')],
        );
        $big = UploadedFile::fake()->image('big.jpg')->size(13_000);
        $this->tick($round, 'kit', null, ['photo_id' => $this->ulid(), 'photo' => $big])->assertSessionHasErrors(
            ['photo' => (string) __('rounds.photo_big')],
        );
        self::assertSame(0, $round->ticks()->count());
    }

    public function test_another_household_opens_none_of_it(): void
    {
        $round = $this->begin(['racks']);
        $this->actingAs($this->member());
        foreach ([
            "/rounds/$round->id/ahead",
            "/rounds/$round->id/state",
            "/rounds/$round->id/record",
            "/rounds/$round->id/record.pdf",
            "/machines/{$this->machine->id}/rounds/new",
            "/machines/{$this->machine->id}/apart",
            "/machines/{$this->machine->id}/apart/cover",
        ] as $page) {
            $this->get($page)->assertNotFound();
        }
        $this->post("/rounds/$round->id/settle")->assertNotFound();
        $this->put("/machines/{$this->machine->id}/apart/cover", ['id' => $this->ulid(), 'traits' => ['screws' => '2']])->assertNotFound();
        self::assertSame('8', $this->machine->refresh()->traits['screws']);
    }

    public function test_own_parts_and_pieces_are_counted_out_and_in_and_their_order_is_kept(): void
    {
        $machine = $this->machineOf($this->user, ['traits' => ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'one']]);
        $this->actingAs($this->user)
            ->post("/machines/$machine->id/parts", [
                'name' => 'Brass mat',
                'in_the_way_of' => 'filter',
                'note' => 'It hooks in at the back.',
                'more' => [['name' => 'spring clip', 'count' => '2'], ['name' => '', 'count' => '']],
            ])
            ->assertRedirect("/machines/$machine->id/apart")
            ->assertSessionHasNoErrors();
        $this->put("/machines/$machine->id/apart/filter", [
            'id' => $this->ulid(),
            'first_said' => '1',
            'first' => ['lower-rack', 'lower-arm'],
            'more' => [['name' => 'flat washer', 'count' => '3']],
        ])
            ->assertSessionHasNoErrors();
        $this->get("/machines/$machine->id/apart")
            ->assertOk()
            ->assertSee('Brass mat')
            ->assertSee('2 spring clips')
            ->assertSee('It comes off before: fine filter.')
            ->assertSee('3 flat washers');
        $this->get("/machines/$machine->id/apart/filter")->assertOk()->assertSee('value="flat washer"', false);

        $round = $this->begin(['look-and-wipe'], $machine->refresh());
        $steps = array_map(static fn ($step): string => $step->id, $round->fittedProcedure()->steps);
        $places = array_flip($steps);
        foreach ([
            ['own-brass-mat-off', 'filter-out-twist'],
            ['lower-arm-off', 'filter-out-twist'],
            ['lock-test', 'lower-arm-on'],
            ['lock-test', 'own-brass-mat-on'],
        ] as [
            $first,
            $then,
        ]) {
            self::assertLessThan($places[$then], $places[$first], "$first before $then");
        }
        foreach (array_slice($steps, 0, $places['own-brass-mat-off']) as $step) {
            $this->tick($round, $step)->assertSessionHasNoErrors();
        }
        $this->get("/rounds/$round->id")->assertOk()->assertSee('Take off: brass mat.')->assertSee('It hooks in at the back.');
        $this->tick($round, 'own-brass-mat-off');
        $this->get("/rounds/$round->id")->assertOk()->assertSee('In the tray: ')->assertSee('Brass mat with 2 spring clips');
        $this->walk($round, ['found' => 'clear']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        $this->delete("/machines/$machine->id/parts/own-brass-mat")->assertRedirect();
        self::assertSame([], $machine->refresh()->ownParts()->parts);
        $this->get("/rounds/$round->id/record")->assertOk()->assertSee('brass mat', false);
    }

    public function test_an_order_of_parts_that_is_a_circle_is_refused_with_the_parts(): void
    {
        $machine = $this->machineOf($this->user, ['traits' => ['filter' => 'twist-out']]);
        $sheet = "/machines/$machine->id/apart";
        $this->actingAs($this->user)
            ->put("$sheet/lower-arm", ['id' => $this->ulid(), 'first_said' => '1', 'first' => ['filter']])
            ->assertSessionHasNoErrors();
        $this->from("$sheet/filter")
            ->put("$sheet/filter", ['id' => $this->ulid(), 'first_said' => '1', 'first' => ['lower-arm']])
            ->assertSessionHasErrors(
                ['did' => 'These parts wait for each other, so none can come off first: fine filter → lower arm → fine filter.'],
            );
        self::assertNull($machine->refresh()->ownWays()['filter']->first ?? null, 'nothing of it was kept');
        $this->put("$sheet/filter", ['id' => $this->ulid(), 'first_said' => '1', 'first' => ['moon']])->assertSessionHasErrors('first.0');
        foreach ([['name' => ''], ['in_the_way_of' => 'moon'], ['more' => [['name' => 'clip', 'count' => '99']]]] as $wrong) {
            $this->post("/machines/$machine->id/parts", $wrong + ['name' => 'Mat', 'in_the_way_of' => 'filter'])->assertSessionHasErrors();
        }
        $this->actingAs($this->member())
            ->post("/machines/$machine->id/parts", ['name' => 'Mat', 'in_the_way_of' => 'filter'])
            ->assertNotFound();
        $this->delete("/machines/$machine->id/parts/own-mat")->assertNotFound();
    }

    public function test_a_picture_sent_twice_is_kept_once(): void
    {
        $round = $this->begin(['racks']);
        $photo = $this->ulid();
        foreach (['kit', 'kit', 'rack-look'] as $step) {
            $sent = $this->tick($round, $step, null, ['photo_id' => $photo, 'photo' => UploadedFile::fake()->image('a.jpg', 400, 300)]);
            'rack-look' === $step ? $sent->assertSessionHasErrors('photo') : $sent->assertSessionHasNoErrors();
        }
        self::assertSame('kit', Photo::query()->sole()->step);
    }

    public function test_a_wait_is_as_long_as_it_was_picked_and_remembered(): void
    {
        $round = $this->begin(['racks']);
        $this->tick($round, 'kit');
        $this->get("/rounds/$round->id")->assertSee('as long as the rest takes');
        $this->tick($round, 'basket-soak', null, ['wait' => '45'])->assertSessionHasErrors('did');
        $this->tick($round, 'basket-soak', null, ['wait' => '30'])->assertSessionHasNoErrors();
        self::assertSame(30.0, $round->load('ticks')->progress()->timers()[0]->lasts->value ?? null);
        self::assertSame(['basket-soak' => '30'], $this->machine->refresh()->waits);
        $rest = $this->begin(['soda-rest']);
        foreach (['kit', 'empty'] as $step) {
            $this->tick($rest, $step);
        }
        $this->tick($rest, 'rest-soda', null, ['wait' => 'morning'])->assertSessionHasNoErrors();
        self::assertSame(
            '2026-06-16 06:00',
            ($rest->load('ticks')->progress()->timers()[0] ?? self::fail('it rests'))->endsAt()->format('Y-m-d H:i'),
            'eight in Stockholm',
        );
    }

    public function test_a_cycle_is_not_ended_before_its_time_without_saying_so(): void
    {
        $round = $this->begin(['acid-wash']);
        foreach ([
            'kit' => null,
            'empty' => null,
            'hot-tap' => null,
            'wash-with' => 'vinegar',
            'vinegar-cup' => null,
            'acid-cycle' => null,
        ] as $step => $answer) {
            $this->tick($round, $step, $answer)->assertSessionHasNoErrors();
        }
        $this->get("/rounds/$round->id")->assertSee('The cycle has ended')->assertSee('It has ended before its time.');
        $this->tick($round, 'acid-out', null, ['ended' => '0'])->assertSessionHasErrors(
            ['did' => 'Hot cycle: about 150 min are left. Has it really ended already? Then say so below.'],
        );
        $this->clock->move('+150 minutes');
        $this->tick($round, 'acid-out', null, ['ended' => '0'])->assertSessionHasNoErrors();
    }
}
