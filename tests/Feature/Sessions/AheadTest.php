<?php

declare(strict_types=1);

namespace Tests\Feature\Sessions;

use App\Care\Sessions\AheadReader;
use App\Care\Sessions\SessionWish;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use App\View\Pages\Ahead\AheadPage;
use Tests\TestCase;

/** The sessions of the next half year: on set days or when it suits, kept, in the calendar, and moved by what is found. */
final class AheadTest extends TestCase
{
    private User $user;
    private Machine $dishwasher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(Household::factory()->create(['timezone' => 'Europe/Stockholm'])->refresh());
        $this->dishwasher = $this->machineOf($this->user, ['name' => 'Galley', 'traits' => ['filter' => 'twist-out']]);
        $this->machineOf($this->user, ['kind' => 'hood', 'name' => 'Updraft', 'traits' => [], 'habits' => [], 'schools' => []]);
        $this->actingAs($this->user);
    }

    private function open(string $ago, string $found = 'clear'): void
    {
        $this->post("/machines/{$this->dishwasher->id}/openings", [
            'id' => $this->ulid(),
            'task' => 'filter',
            'on' => $this->clock->now()->modify($ago)->format('Y-m-d'),
            'found' => $found,
            'left' => 'clear',
        ])->assertSessionHasNoErrors();
    }

    public function test_sessions_fall_on_their_days_and_stay_under_their_minutes(): void
    {
        $sessions = app(AheadReader::class)->read($this->user->home(), new SessionWish(SessionWish::DAYS, 1, 6, 60));
        self::assertNotSame([], $sessions->plan->sessions);
        foreach ($sessions->plan->sessions as $session) {
            $day = $sessions->today->plus($session->day)->midnight();
            self::assertSame('6', $day->format('N'));
            self::assertLessThanOrEqual(7, (int) $day->format('j'));
            self::assertTrue($session->minutes <= 60 || 1 === count($session->jobs));
        }
        $suits = app(AheadReader::class)->read($this->user->home(), new SessionWish());
        self::assertLessThan($suits->each->openings, $suits->plan->openings);
    }

    public function test_what_is_kept_is_in_the_calendar_in_place_of_each_job_and_can_be_given_up(): void
    {
        $this->get('/ahead')->assertOk()->assertSee(__('plan.ahead.keep'));
        $this->get('/ahead?mode=days&which=1&weekday=6&minutes=60')->assertOk()->assertSee('<ol class="ahead">', false);
        $this->put('/ahead', ['mode' => 'days', 'which' => '1', 'weekday' => '6', 'minutes' => '90'])->assertRedirect('/ahead');
        $this->get('/ahead')->assertOk()->assertSee(__('plan.ahead.is_kept'));
        $this->post('/feeds');
        preg_match('#calendar/[0-9a-zA-Z]+\.ics#', (string) $this->get('/reminders')->getContent(), $feed);
        $sessions = app(AheadReader::class)->read($this->user->home()->refresh(), SessionWish::from('days', 1, 6, 90));
        $text = (string) $this->get("/$feed[0]")->assertOk()->getContent();
        self::assertSame(count($sessions->plan->sessions), substr_count($text, 'UID:session-'));
        self::assertStringNotContainsString('filter-day@good-rinse', $text);

        $this->put('/ahead', ['mode' => 'none'])->assertRedirect('/ahead');
        self::assertNull($this->user->home()->refresh()->session_rule);
        self::assertStringNotContainsString('UID:session-', (string) $this->get("/$feed[0]")->getContent());
    }

    public function test_what_the_rhythm_moves_is_said(): void
    {
        $this->open('-20 days');
        $this->put('/ahead', ['mode' => 'suits', 'minutes' => '90']);
        $page = app(AheadPage::class);
        self::assertSame([], $page->for($this->user->home()->refresh(), null)->moved);
        $this->clock->move('+1 day');
        $this->open('-0 days', 'clogged');
        $moved = $page->for($this->user->home()->refresh(), null)->moved;
        self::assertNotSame([], $moved);
        self::assertStringContainsString('Galley', implode(' ', $moved));
    }

    public function test_bad_wishes_are_refused_and_nothing_is_kept(): void
    {
        $this->put('/ahead', ['mode' => 'never', 'minutes' => '0'])->assertSessionHasErrors(['mode', 'minutes']);
        self::assertNull($this->user->home()->refresh()->session_rule);
        $this->get('/ahead?mode=days&minutes=x')->assertRedirect('/ahead');
        $this->actingAs($this->member())->get('/ahead')->assertOk()->assertSee(route('machines.create'), false);
    }
}
