<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Models\Entry;
use App\Models\Photo;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

final class RoundTest extends TestCase
{
    use MachineInUse;

    public function test_the_page_leads_through_the_round_a_step_at_a_time(): void
    {
        $round = $this->round();
        $this->get("/rounds/$round->id")
            ->assertOk()
            ->assertSee('Put these within reach.')
            ->assertSee('20 ml dish soap')
            ->assertSee(__('rounds.kit_dirty'));
        $this->tick($round, 'kit')->assertRedirect("/rounds/$round->id");
        $this->get("/rounds/$round->id")
            ->assertSee('Switch it off at the plug or breaker.')
            ->assertSee('Power off first')
            ->assertSee('Hot water scalds');
        foreach (['power-off', 'rack-out', 'pick-floor', 'filter-out-twist'] as $step) {
            $this->tick($round, $step);
        }
        $this->get("/rounds/$round->id")
            ->assertSee('Hold the filter to the light.')
            ->assertSee(__('reasons.learned', [
                'grade' => 'Patchy', 'uses' => '24 days', 'before' => '30 days',
                'after' => '27', 'limit' => '',
            ]))
            ->assertSee(
                'In the tray: Lower rack, Fine filter',
            );
        $this->get("/rounds/$round->id?step=kit")->assertSee('Put these within reach.');
        $this->get("/rounds/$round->id?step=brush")->assertSee('Hold the filter to the light.');
    }

    public function test_the_logbook_is_written_at_once_and_not_at_the_end(): void
    {
        $round = $this->round();
        $this->tick($round, 'hold-to-light', 'heavy');
        self::assertSame(['opening'], $this->written());
        $this->get("/machines/{$this->machine->id}")->assertSee('Heavy after 24 days');

        $this->tick($round, 'soak', null, ['note' => 'grey and greasy']);
        $this->tick($round, 'rinse', 'suds');
        $this->tick($round, 'rinse', 'none');
        self::assertSame(['opening', 'note', 'dose', 'check', 'voiding', 'check', 'clearing'], $this->written());
    }

    public function test_the_timer_belongs_to_the_server(): void
    {
        $round = $this->round();
        foreach (['kit', 'power-off', 'rack-out', 'pick-floor', 'filter-out-twist'] as $step) {
            $this->tick($round, $step);
        }
        $this->tick($round, 'hold-to-light', 'clogged');
        $this->tick($round, 'scrape');
        $this->tick($round, 'soak');
        $this->get("/rounds/$round->id")->assertSee('data-left="3600"', false)->assertSee('Ends at 12:00');
        $this->clock->move('+59 minutes');
        $this->get("/rounds/$round->id")->assertSee('data-left="60"', false);
        $this->clock->move('+2 minutes');
        $this->get("/rounds/$round->id")->assertSee('data-left="-60"', false)->assertSee('+1:00')->assertSee(__('rounds.is_over'));
    }

    public function test_looking_back_at_a_step_changes_nothing(): void
    {
        $round = $this->round();
        $this->tick($round, 'hold-to-light', 'heavy', ['note' => 'a seed in the ring']);
        $this->tick($round, 'soak');
        [$written, $ticks] = [$this->written(), $round->ticks()->count()];
        $this->clock->move('+10 minutes');
        $this->tick($round, 'soak')->assertSessionHasNoErrors();
        $this->tick($round, 'hold-to-light', 'heavy')->assertSessionHasNoErrors();
        self::assertSame([$written, $ticks], [$this->written(), $round->ticks()->count()]);
        $timer = $round->load('ticks')->progress()->timers()[0] ?? self::fail('the soak runs');
        self::assertSame(20 * 60, $timer->secondsLeft($this->clock->now()), 'it did not start anew');

        $id = $this->ulid();
        foreach ([0, 1] as $sent) {
            $this->tick($round, 'soak', null, ['id' => $id, 'note' => 'while it soaks'])->assertSessionHasNoErrors();
        }
        self::assertSame([...$written, 'note'], $this->written(), 'a note sent again while looking back is written once');

        $this->tick($round, 'hold-to-light', 'film', ['note' => 'on second thoughts'])->assertSessionHasNoErrors();
        $this->get('/logbook')->assertSee('A seed in the ring')->assertSee('On second thoughts')->assertSee('film');
    }

    public function test_one_opening_a_round_however_often_it_is_told(): void
    {
        $round = $this->round();
        $this->tick($round, 'hold-to-light', 'heavy');
        $this->clock->move('+40 minutes');
        $this->tick($round, 'light-again', 'film');
        $this->tick($round, 'hold-to-light', 'patchy');

        $entries = Entry::query()->where('kind', EntryKind::Opening)->where('source', 'round')->orderBy('seq')->get();
        $voided = Entry::voidedAmong(array_values($entries->pluck('id')->all()));
        $left = $entries->reject(fn (Entry $entry): bool => isset($voided[$entry->id]))->values();
        self::assertCount(1, $left);
        self::assertSame(['filter', 0.35, 0.1], [$left[0]->payload['task'], $left[0]->payload['found'], $left[0]->payload['left']]);
        self::assertSame('2026-06-15 09:00:00', $left[0]->happened_at->format('Y-m-d H:i:s'), 'it happened when it was first looked at');
    }

    public function test_undoing_the_opening_puts_everything_back(): void
    {
        $before = (string) $this->get('/')->getContent();
        $round = $this->round();
        $this->walk($round, ['found' => 'patchy']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished']);
        $this->get('/')->assertSee(__('views/today/ask.nothing'));
        $this->get("/machines/$round->machine_id?task=filter")->assertSee(__('reasons.clock-decides-today', ['interval' => '27 days']));

        $opening = Entry::query()->where('kind', EntryKind::Opening)->latest('seq')->firstOrFail();
        $this->post("/entries/$opening->id/void", ['id' => $this->ulid()])->assertSessionHas('did');
        $after = (string) $this->get('/')->getContent();
        self::assertSame(self::due($before), self::due($after));

        $this->get('/logbook')->assertSee(__('views/logbook.taken_back'));
        $voiding = Entry::query()->where('voids', $opening->id)->firstOrFail();
        $this->post("/entries/$voiding->id/void", ['id' => $this->ulid()]);
        $this->get("/machines/$round->machine_id?task=filter")->assertSee(__('reasons.clock-decides-today', ['interval' => '27 days']));
    }

    private static function due(string $html): string
    {
        self::assertSame(1, preg_match('/<div class="due"[^>]*>.*?<\/strong>/s', $html, $match));

        return (string) preg_replace('/g-\w{6}/', 'g', $match[0]);
    }

    public function test_sending_a_tick_again_changes_nothing(): void
    {
        $round = $this->round();
        $id = $this->ulid();
        for ($i = 0; $i < 3; ++$i) {
            $this->tick($round, 'hold-to-light', 'patchy', ['id' => 0 === $i % 2 ? $id : mb_strtolower($id), 'note' => 'once'])
                ->assertSessionHasNoErrors();
        }
        self::assertSame(1, $round->ticks()->count());
        self::assertSame(['note', 'opening'], $this->written());

        $this->tick($round, 'kit', null, ['id' => $id])->assertSessionHasErrors('did');
        self::assertSame(1, $round->ticks()->count());
    }

    public function test_a_picture_is_made_small_and_kept_out_of_the_public_folder(): void
    {
        $round = $this->round();
        $photoId = $this->ulid();
        $send = fn () => $this->tick(
            $round,
            'hold-to-light',
            'patchy',
            ['photo_id' => $photoId, 'photo' => UploadedFile::fake()->image('filter.jpg', 3000, 2000)],
        );
        $send()->assertSessionHasNoErrors();
        $send()->assertSessionHasNoErrors();
        $photo = Photo::query()->sole();
        self::assertSame([1600, 1067], [$photo->width, $photo->height]);
        self::assertFileExists(config()->string('good-rinse.photos')."/$photo->file");
        $this->get("/rounds/$round->id?step=hold-to-light")->assertSee("/photos/$photo->id");
    }
}
