<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Measurement;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

/** Parts that stay on, pieces that are left over, and what is written of it. */
final class PartsLeftOffTest extends TestCase
{
    use ScrewedMachine;

    public function test_parts_left_on_and_pieces_left_over_are_written_down(): void
    {
        $round = $this->begin(['spray-arms']);
        foreach (['kit', 'power-off', 'rack-out', 'lower-arm-off', 'upper-rack-out'] as $step) {
            $this->tick($round, $step);
        }
        $this->tick($round, 'upper-arm-off', null, ['how' => 'skipped'])->assertSessionHasNoErrors();
        $this->tick($round, 'jets-look', 'jets-open');
        $this->get("/rounds/$round->id")
            ->assertSee(__('views/components/round/tray.left_on', ['left_on' => 'upper arm']))
            ->assertDontSee('Upper arm back');
        $this->tick($round, 'upper-rack-in');
        $this->tick($round, 'lower-arm-on', null, ['left' => ['hub screw' => '1', 'washer' => '0']]);
        self::assertSame(['Left over at “Lower arm back”: 1 × hub screw.'], $this->notes());
        $this->tick($round, 'spin-test', null, ['how' => 'skipped'])->assertSessionHasNoErrors();
        $this->walk($round, []);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasErrors('did');
        $this->post("/rounds/$round->id/end", ['how' => 'finished', 'knows' => '1']);
        $this->get('/')->assertSee(__('rounds.open.left-over', ['part' => 'lower arm']));
        $this->get("/rounds/$round->id/record")->assertSee(__('places/record.left_out'));

        $this->post("/rounds/$round->id/settle")->assertRedirect();
        $this->post("/rounds/$round->id/settle");
        $this->get('/')->assertDontSee('was left unfinished');
        self::assertCount(1, array_filter($this->notes(), fn (string $note): bool => str_starts_with($note, 'Fixed: ')));
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
        $this->get("/rounds/$round->id")
            ->assertSee(__('views/components/round/step.not_like_this'))
            ->assertSee(__('rounds.open.part-off', ['part' => 'Lower arm']));
        $this->tick($round, 'soda-cycle')->assertSessionHasErrors('did');
        self::assertFalse($round->ticks()->where('step', 'soda-cycle')->exists());
        $this->tick($round, 'soda-cycle', null, ['knows' => '1'])->assertSessionHasNoErrors();
        self::assertStringStartsWith('Run anyway: lower arm is off the machine', $this->notes()[1] ?? '');
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
        $this->get("/rounds/$apart->id")->assertSee(__('rounds.was_left_open'));
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
                ['did' => 'Lower arm, top: that number cannot be right. Check it.'],
            );
        $this->tick($round, 'jets-look', 'jets-open', ['r' => ['jets-lower-top' => ['shut' => '1', 'all' => '10']]])
            ->assertSessionHasNoErrors();
        $opening = Entry::query()->where('kind', EntryKind::Opening)->where('payload->task', 'arms')->latest('seq')->firstOrFail();
        self::assertSame([0.1, 'counted'], [$opening->payload['found'], $opening->payload['how']]);
        $this->tick($round, 'jets-hook', null, ['r' => ['debris' => ['seed', 'glass', 'gold']]]);
        $debris = Entry::query()->where('step', 'jets-hook')->sole()->decode();
        self::assertEquals(new Measurement('debris', picks: ['seed', 'glass']), $debris);
        $this->get('/logbook')
            ->assertSee(__('logbook.reading_ratio', ['name' => 'Lower arm, top', 'number' => '1', 'of' => '10', 'unit' => 'jets']))
            ->assertSee('What was in it: seeds, glass');
        $this->get("/rounds/$round->id?step=jets-look")->assertSee('value="10"', false);
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
            ->assertSee(__('views/rounds/summary.service_record'))
            ->assertSee('half blocked; left: all open')
            ->assertSee('500 ml of white vinegar')
            ->assertSee(__('views/components/round/record-body.taken_off_in_this_order', ['took' => 'lower rack, lower arm']))
            ->assertSee(__('views/measures/jets.before'))
            ->assertSee(__('views/components/round/record-body.next_due'));
        $pdf = $this->get("/rounds/$round->id/record.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
    }

    public function test_several_together_share_what_they_share(): void
    {
        $compose = "/machines/{$this->machine->id}/rounds/new";
        $this->actingAs($this->user)
            ->get("$compose?procedures[]=spray-arms&procedures[]=strip-down")
            ->assertOk()
            ->assertSee(__('views/rounds/create.in_one_round'))
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
}
