<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use App\Models\Photo;
use App\Models\Round;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

/** Waits of a round, and devices that were cut off meanwhile. */
final class RoundWaitTest extends TestCase
{
    use ScrewedMachine;

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
        self::assertContains('Bleach took 14 minutes, longer than the 10 minutes allowed.', $this->notes());
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
        $this->get("/rounds/$round->id")->assertSee(__('rounds.wait_rest'));
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
        $this->get("/rounds/$round->id")
            ->assertSee('The cycle has ended')
            ->assertSee(__('views/components/round/step.it_has_ended_before_its_time'));
        $this->tick($round, 'acid-out', null, ['ended' => '0'])->assertSessionHasErrors(
            ['did' => 'Hot cycle: about 150 minutes are left. Has it really ended already? Then say so below.'],
        );
        $this->clock->move('+150 minutes');
        $this->tick($round, 'acid-out', null, ['ended' => '0'])->assertSessionHasNoErrors();
    }
}
