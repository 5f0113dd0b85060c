<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Machine;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

/** Rounds on a machine as it really is: kit, tray, readings, what is different, what is left open, and the record. */
final class TakeApartTest extends TestCase
{
    use ScrewedMachine;

    public function test_the_kit_says_which_bit_and_nothing_missing_goes_unsaid(): void
    {
        $round = $this->begin(['strip-down']);
        $this->tick($round, 'bits-ready');
        $this->get("/rounds/$round->id")->assertSee('driver, six-point star 20')->assertSee('for 8 cover screws, 4 long screws');
        $kit = ['kit' => ['driver', 'dish', 'agent:dish-soap'], 'have' => ['dish']];
        $this->tick($round, 'kit', null, $kit)->assertSessionHasErrors(
            ['kit' => 'Not ticked off: driver, six-point star 20; dish soap. Get it before you open the machine, or say that you go on '
                .'without.'],
        );
        self::assertSame('kit', $round->load('ticks')->progress()->current()?->id);
        $this->tick($round, 'kit', null, $kit + ['without' => '1'])->assertSessionHasNoErrors();
        self::assertSame(['Begun without: driver, six-point star 20; dish soap.'], $this->notes());
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
        $this->get("/rounds/$round->id")->assertSee('You started without: unfolded paper clip');
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

    public function test_a_picture_of_a_part_is_refused_in_the_same_words(): void
    {
        $this->actingAs($this->user)->put(
            "/machines/{$this->machine->id}/apart/cover",
            ['id' => $this->ulid(), 'photo' => UploadedFile::fake()->create('IMG_2.HEIF', 50, 'image/heif')],
        )
            ->assertSessionHasErrors(['photo' => (string) __('rounds.photo_heic')]);
        self::assertSame(0, Photo::query()->count());
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
}
