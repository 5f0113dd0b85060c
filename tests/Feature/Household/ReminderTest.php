<?php

declare(strict_types=1);

namespace Tests\Feature\Household;

use App\Models\CalendarFeed;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\TestCase;

final class ReminderTest extends TestCase
{
    use ReadsFeed;

    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->user->home()->update(['timezone' => 'Europe/Stockholm', 'digest_hour' => 8]);
        $this->machine = $this->machineOf($this->user, ['name' => 'Galley; the "old", one', 'schools' => ['filter' => 'monthly']]);
        $this->actingAs($this->user);
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-05-01', 'found' => 'patchy', 'left' => 'clear'],
        );
    }

    public function test_a_device_hears_what_is_due_at_the_hour_and_not_in_the_quiet(): void
    {
        $this->user->home()->update(['digest_hour' => 14, 'quiet_from' => 22, 'quiet_to' => 7]);
        $due = fn (): array => (array) $this->getJson('/reminders/due')->assertOk()->json();
        self::assertSame([], $due(), 'it is eleven in the morning there');
        $this->clock->set('2026-06-15T12:30:00Z');
        self::assertSame(
            [
                'id' => "{$this->machine->id} filter 2026-05-31",
                'title' => 'Due: Fine filter, Galley; the "old", one',
                'path' => "/machines/{$this->machine->id}?task=filter",
            ],
            array_diff_key((array) $due()[0], ['body' => '']),
        );
        $this->clock->set('2026-06-15T21:30:00Z');
        self::assertSame([], $due(), 'half past eleven in the night');
        $this->clock->set('2026-06-16T12:30:00Z');
        $this->actingAs($this->member());
        self::assertSame([], $due(), 'nothing of another household');
        $this->post('/logout');
        $this->getJson('/reminders/due')->assertUnauthorized();
    }

    public function test_the_calendar_is_valid_and_read_back_it_says_what_today_says(): void
    {
        $calendar = $this->calendar($this->feed());
        self::assertSame([], array_map(static fn (array $problem): string => $problem['message'], $calendar->validate()));
        $id = mb_strtolower($this->machine->id);
        $days = self::days($calendar);
        self::assertSame(['VTODO', '20260615'], $days["$id-filter@good-rinse"], 'due since 31 May, so it is asked for today');
        self::assertSame(['VEVENT', '20260615'], $days["$id-filter-day@good-rinse"]);
        self::assertCount(count($days), array_unique(array_keys($days)));
        $todo = $calendar->select('VTODO')[0] ?? self::fail('no to-do');
        $summary = (string) $todo->__get('SUMMARY');
        self::assertStringContainsString('Galley; the "old", one', $summary);
        self::assertStringContainsString('Most likely between', (string) $todo->__get('DESCRIPTION'));
        self::assertNull($todo->__get('VALARM'), 'who has both is reminded once');
        self::assertSame('PT8H', (string) $calendar->select('VEVENT')[0]->__get('VALARM')->__get('TRIGGER'));
    }

    public function test_a_uid_stays_when_its_date_moves_and_the_tag_tells_of_it(): void
    {
        $address = $this->feed();
        $first = $this->get($address);
        $tag = (string) $first->headers->get('ETag');
        $this->get($address, ['If-None-Match' => $tag])->assertStatus(304)->assertContent('');
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-14', 'found' => 'clear', 'left' => 'clear'],
        );
        $second = $this->get($address, ['If-None-Match' => $tag])->assertOk();
        self::assertNotSame($tag, $second->headers->get('ETag'));
        $before = Reader::read((string) $first->getContent());
        $after = Reader::read((string) $second->getContent());
        \assert($before instanceof VCalendar && $after instanceof VCalendar);
        self::assertSame(self::sorted(array_keys(self::days($before))), self::sorted(array_keys(self::days($after))));
        self::assertNotSame(self::days($before), self::days($after));
    }

    public function test_a_long_wait_of_a_round_stands_in_the_calendar_until_it_is_over_with(): void
    {
        $this->post("/machines/{$this->machine->id}/rounds", ['procedures' => ['soda-rest']])->assertSessionHasNoErrors();
        $round = Round::query()->firstOrFail()->id;
        foreach (['kit' => [], 'empty' => [], 'rest-soda' => ['wait' => 'morning']] as $step => $with) {
            $this->post("/rounds/$round/ticks", ['id' => $this->ulid(), 'step' => $step] + $with)->assertSessionHasNoErrors();
        }
        $calendar = $this->calendar($address = $this->feed());
        self::assertSame([], array_map(static fn (array $problem): string => $problem['message'], $calendar->validate()));
        $uid = mb_strtolower("$round-rest-soda@good-rinse");
        self::assertSame(['VEVENT', '20260616T060000Z'], self::days($calendar)[$uid] ?? null, 'eight in the morning in Stockholm');
        $this->clock->move('+22 hours');
        $this->post("/rounds/$round/ticks", ['id' => $this->ulid(), 'step' => 'rest-vinegar'])->assertSessionHasNoErrors();
        self::assertArrayNotHasKey($uid, self::days($this->calendar($address)));
    }

    public function test_a_closed_or_guessed_address_is_not_there_and_guessing_is_slowed_down(): void
    {
        $address = $this->feed();
        $this->post('/logout');
        $this->get($address)->assertOk();
        $this->actingAs($this->user)->delete('/feeds/'.CalendarFeed::query()->firstOrFail()->id)->assertRedirect('/reminders');
        $this->get($address)->assertNotFound();
        for ($try = 0; $try < 25; ++$try) {
            $answer = $this->get("/calendar/guess$try.ics");
        }
        $answer->assertStatus(429);
        $this->get('/calendar/..%2F..%2Fx.ics')->assertNotFound();
    }

    public function test_a_digest_goes_out_once_at_the_households_hour_into_the_box(): void
    {
        $this->clock->move('-4 hours'); // 07:00 on the household's clock
        $this->artisan('reminders:send');
        self::assertSame(0, DB::table('outbox')->count());
        $this->clock->move('+1 hour');
        $this->artisan('reminders:send');
        $this->artisan('reminders:send');
        self::assertSame(1, DB::table('outbox')->count());
        $mail = DB::table('outbox')->first();
        self::assertNotNull($mail);
        self::assertSame($this->user->email, $mail->to);
        self::assertStringContainsString('Due: Fine filter, Galley', $mail->subject);
        self::assertStringContainsString('Galley; the "old", one: due Sun 31 May', $mail->text);
        self::assertStringContainsString('List-Unsubscribe-Post: List-Unsubscribe=One-Click', $mail->headers);
        $this->clock->move('+1 day');
        $this->artisan('reminders:send');
        self::assertSame(1, DB::table('outbox')->count(), 'not of the same every day');
        $this->clock->move('+6 days');
        $this->artisan('reminders:send');
        self::assertSame(2, DB::table('outbox')->count());
        $this->get('/reminders')->assertSee(__('views/reminders/edit.the_box_mail_goes_to'))->assertSee($mail->subject);
        $this->actingAs($this->member())->get('/reminders')->assertDontSee($mail->subject);
    }

    public function test_nothing_is_sent_in_quiet_hours_or_about_what_is_put_off(): void
    {
        $this->put('/reminders', ['wanted' => '1', 'digest_hour' => '9', 'quiet_from' => '9', 'quiet_to' => '13'])
            ->assertSessionHasNoErrors();
        $this->artisan('reminders:send');
        self::assertSame(0, DB::table('outbox')->count());
        $this->post(
            "/machines/{$this->machine->id}/snoozes",
            ['id' => $this->ulid(), 'task' => 'filter', 'until' => '2026-06-17', 'reason' => 'guests'],
        );
        $this->clock->move('+4 hours');
        $this->artisan('reminders:send');
        self::assertSame(0, DB::table('outbox')->count());
        $this->clock->move('+2 days');
        $this->artisan('reminders:send');
        self::assertSame(1, DB::table('outbox')->count());
        $this->put('/reminders', ['digest_hour' => '25', 'quiet_from' => '9', 'quiet_to' => '13'])->assertSessionHasErrors('digest_hour');
    }

    public function test_one_click_ends_the_mail_and_only_a_signed_link_does(): void
    {
        $this->post('/reminders/send')->assertRedirect('/reminders');
        preg_match('#To stop these mails: (\S+)#', (string) DB::table('outbox')->value('text'), $link);
        $this->post('/logout');
        view()->share('errors', null); // as it is where no page with a session has been opened before
        $this->get($link[1] ?? '')->assertOk()->assertSee(__('views/reminders/stop.no_more_reminders_by_mail'));
        self::assertTrue($this->user->refresh()->reminders, 'a mail program that opens links ends nothing');
        $this->post("/reminders/stop/{$this->user->id}")->assertForbidden();
        $this->post($link[1] ?? '', ['List-Unsubscribe' => 'One-Click'])
            ->assertOk()->assertSee(__('views/reminders/stop.no_more_mail_from_here'));
        self::assertFalse($this->user->refresh()->reminders);
        $this->clock->move('+8 days');
        $this->artisan('reminders:send');
        self::assertSame(1, DB::table('outbox')->count());
    }

    public function test_nothing_due_sends_nothing(): void
    {
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-15', 'found' => 'clear', 'left' => 'clear'],
        );
        $this->machine->update(['schools' => ['filter' => 'quarterly']]);
        $this->followingRedirects()->post('/reminders/send')->assertSee(__('reminders.nothing'));
        self::assertSame(0, DB::table('outbox')->count());
    }
}
