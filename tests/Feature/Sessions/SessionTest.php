<?php

declare(strict_types=1);

namespace Tests\Feature\Sessions;

use App\Care\Readers\CareReader;
use App\Models\CareSession;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use App\View\Pages\Plan\PlanLine;
use App\View\Pages\Plan\PlanPage;
use App\View\Pages\Plan\PlanQuery;
use App\View\Pages\Sessions\PersonTurn;
use App\View\Pages\Sessions\SessionData;
use App\View\Pages\Sessions\SessionPage;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Expectation;
use Tests\TestCase;

/** A session over several machines, run: each tick leads to what is next, and the plan is made anew from there. */
final class SessionTest extends TestCase
{
    private User $user;

    /** @var array<string, Machine> */
    private array $machines;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(Household::factory()->create(['timezone' => 'Europe/Stockholm'])->refresh());
        $plain = ['traits' => [], 'habits' => [], 'schools' => []];
        $this->machines = [
            'dishwasher' => $this->machineOf($this->user, ['name' => 'Galley', 'traits' => ['filter' => 'twist-out']]),
            'hood' => $this->machineOf($this->user, ['kind' => 'hood', 'name' => 'Updraft'] + $plain),
            'drip' => $this->machineOf($this->user, ['kind' => 'drip-brewer', 'name' => 'Morning Pot'] + $plain),
        ];
        $this->actingAs($this->user);
    }

    /** @param list<string>|null $jobs */
    private function begin(?array $jobs = null): CareSession
    {
        $this->post('/sessions', ['jobs' => $jobs ?? [
            "{$this->machines['dishwasher']->id}:filter-clean",
            "{$this->machines['hood']->id}:wash-filters",
            "{$this->machines['drip']->id}:weekly-wash",
        ]])->assertSessionHasNoErrors()->assertRedirect();

        return CareSession::query()->firstOrFail();
    }

    private function page(CareSession $session, ?User $person = null): SessionData
    {
        return app(SessionPage::class)->for($session->refresh(), ($person ?? $this->user)->refresh());
    }

    /** Follows the session for one person until there is nothing to do for them now; says how many steps that was. */
    private function follow(CareSession $session, int $most = 200): int
    {
        for ($steps = 0; $steps < $most; ++$steps) {
            $to = (string) $this->get("/sessions/$session->id/next")->headers->get('location');
            if (1 !== preg_match('#/rounds/([0-9a-z]+)$#i', $to, $found)) {
                return $steps;
            }
            $round = Round::query()->findOrFail($found[1]);
            $step = $round->progress()->current();
            if (null === $step) {
                $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
                continue;
            }
            $this->clock->move(sprintf('+%d seconds', $step->hands->seconds()));
            $this->tick($round, $step->id, $this->answer($round, $step), ['ended' => null])->assertSessionHasNoErrors();
        }

        return $steps;
    }

    private function answer(Round $round, Step $step): ?string
    {
        $blocked = app(CareReader::class)->machine($round->machine, $this->user->home())->blockedNow();
        $soil = array_map(Fraction::of(...), $round->expected ?? $blocked);
        $answers = Expectation::of($round->fittedProcedure(), $round->handbook(), $soil);

        return null === $step->capture ? null : ($answers[$step->capture->id] ?? $step->capture->options[0]->id ?? null);
    }

    private function waitForNext(CareSession $session): bool
    {
        $line = $this->page($session)->turns[0]->line ?? '';
        if (1 !== preg_match('/(\d\d):(\d\d)/', $line, $time)) {
            return false;
        }
        $now = $this->clock->now()->setTimezone(new \DateTimeZone('Europe/Stockholm'));
        $at = $now->setTime((int) $time[1], (int) $time[2]);
        $this->clock->move(sprintf('+%d seconds', max(60, $at->getTimestamp() - $now->getTimestamp())));

        return true;
    }

    public function test_run_as_planned_it_is_over_when_it_was_to_be(): void
    {
        $session = $this->begin();
        self::assertCount(3, $session->rounds);
        $promised = new \DateTimeImmutable($session->promise['finish']);
        self::assertSame(__('plan.as_planned'), $this->page($session)->change);
        for ($turn = 0; $turn < 40 && null !== CareSession::open($this->user->home()); ++$turn) {
            $this->follow($session);
            if (null !== CareSession::open($this->user->home())) {
                self::assertTrue($this->waitForNext($session), 'there is something to wait for');
            }
        }
        self::assertSame(0, $session->rounds()->whereNull('ended_at')->count());
        // A turn that has come is counted from the full minute on.
        self::assertEqualsWithDelta($promised->getTimestamp(), $this->clock->now()->getTimestamp(), 300);
        self::assertSame(__('plan.head_over'), $this->page($session)->head);
        $this->get("/sessions/$session->id")->assertOk();
    }

    public function test_a_tick_leads_to_whichever_machine_is_next_and_says_so(): void
    {
        $session = $this->begin();
        $seen = [];
        for ($i = 0; $i < 60; ++$i) {
            $to = (string) $this->get("/sessions/$session->id/next")->headers->get('location');
            if (1 !== preg_match('#/rounds/([0-9a-z]+)$#i', $to, $found)) {
                break;
            }
            $seen[] = $found[1];
            $this->follow($session, 1);
        }
        self::assertGreaterThan(2, count(array_unique($seen)));
        $switches = array_filter(array_keys($seen), static fn (int $i): bool => $i > 0 && $seen[$i] !== $seen[$i - 1]);
        self::assertNotSame([], $switches, 'it goes on elsewhere while something soaks');
        $first = Round::query()->findOrFail($seen[0]);
        $next = $this->postJson("/rounds/$first->id/ticks", ['id' => $this->ulid(), 'step' => 'kit'])->json('next');
        self::assertStringContainsString("/sessions/$session->id/next", (string) $next);
    }

    public function test_an_interruption_is_planned_around_and_said(): void
    {
        $session = $this->begin();
        $this->follow($session, 8);
        $this->clock->move(sprintf('+%d seconds', 20 * 60));
        $page = $this->page($session);
        $promised = (new \DateTimeImmutable($session->promise['finish']))->setTimezone(new \DateTimeZone('Europe/Stockholm'));
        self::assertStringContainsString($promised->format('H:i'), $page->change);
        preg_match_all('/\d\d:\d\d/', $page->head, $ends);
        preg_match('/^(\d+) min/', $page->change, $late);
        self::assertSame(max($ends[0]), $promised->modify("+$late[1] minutes")->format('H:i'), 'what is said adds up');
        $this->clock->move(sprintf('+%d seconds', 3 * 86400));
        $page = $this->page($session);
        self::assertStringContainsString('Monday', $page->change, 'days later it says since when nothing was done');
        self::assertNotSame([], $page->lines);
        $this->get("/sessions/$session->id")->assertOk();
        $this->follow($session);
    }

    public function test_a_partner_who_joins_has_steps_of_their_own_and_it_is_done_sooner(): void
    {
        $session = $this->begin();
        $this->follow($session, 3);
        $before = new \DateTimeImmutable($session->refresh()->promise['finish']);
        $partner = $this->member($this->user->home());
        $this->actingAs($partner)->post("/sessions/$session->id/people")->assertRedirect();
        $page = $this->page($session, $partner);
        self::assertLessThanOrEqual($before, new \DateTimeImmutable($session->refresh()->promise['finish']));
        self::assertSame([true, false], array_map(static fn (PersonTurn $turn): bool => $turn->isMe, $page->turns));
        $next = [];
        foreach ([$this->user, $partner] as $person) {
            $next[] = $this->actingAs($person)->get("/sessions/$session->id/next")->headers->get('location');
        }
        self::assertNotSame($next[0], $next[1], 'nobody is sent where the other is');
        $third = $this->member($this->user->home());
        $this->actingAs($third)->post("/sessions/$session->id/people")->assertSessionHasErrors();
        $this->actingAs($third)->get("/sessions/$session->id")->assertOk();
        $this->actingAs($partner)->delete("/sessions/$session->id/people")->assertRedirect();
        self::assertSame([$this->user->id], $session->refresh()->people);
        $this->actingAs($this->user)->delete("/sessions/$session->id/people");
        self::assertSame([$this->user->id], $session->refresh()->people, 'somebody stays');
    }

    public function test_a_round_that_is_stopped_for_good_leaves_the_rest_as_it_was(): void
    {
        $session = $this->begin();
        $round = $session->rounds()->where('machine_id', $this->machines['hood']->id)->firstOrFail();
        $this->post("/rounds/$round->id/end", ['how' => 'stopped'])->assertSessionHasNoErrors();
        self::assertCount(2, $this->page($session)->rounds);
        $this->get("/sessions/$session->id")->assertOk();
        $this->get("/sessions/$session->id/next")->assertRedirect();
    }

    public function test_what_is_begun_while_one_goes_on_joins_it_and_nothing_of_others_does(): void
    {
        $session = $this->begin(["{$this->machines['hood']->id}:wash-filters"]);
        $this->post('/sessions', ['jobs' => ["{$this->machines['drip']->id}:weekly-wash"]])->assertRedirect("/sessions/$session->id");
        self::assertCount(2, $session->rounds()->get());
        $this->post('/sessions', ['jobs' => ["{$this->machines['drip']->id}:no-such"]])->assertSessionHasErrors();
        $this->post('/sessions', ['jobs' => ["{$this->machines['hood']->id}:degrease"]])->assertSessionHasErrors();
        $this->post('/sessions', ['jobs' => ["{$this->machines['hood']->id}:wash-filters"]])->assertSessionHasNoErrors();
        self::assertCount(2, $session->rounds()->get(), 'the same again is the same');
        $this->post('/sessions', ['jobs' => []])->assertSessionHasErrors('jobs');

        $other = $this->member();
        $this->actingAs($other)->post('/sessions', ['jobs' => ["{$this->machines['dishwasher']->id}:filter-clean"]])
            ->assertSessionHasErrors('jobs');
        self::assertSame(1, CareSession::query()->count());
    }

    public function test_an_hour_that_was_set_holds_and_one_that_cannot_be_is_said(): void
    {
        $job = "{$this->machines['hood']->id}:wash-filters";
        $block = "{$this->machines['hood']->id}/kit";
        $this->get('/plan?'.http_build_query(['jobs' => [$job], 'at' => '12:00', 'set' => [$block => '12:30']]))
            ->assertOk()->assertSee('value="12:30"', false)->assertSee(__('plan.is_set'));
        $later = "{$this->machines['hood']->id}/filters-soak";
        $both = http_build_query(['jobs' => [$job], 'at' => '12:00', 'set' => [$block => '12:30', $later => '12:05']]);
        $this->get("/plan?$both")->assertOk()->assertSee('role="alert"', false);
        $this->get('/plan?at=12:00&set[x]=99:99&set[]=1&by[y]=7&people=9&minutes=-3')->assertOk()
            ->assertSee(__('plan.minutes_wrong', ['most' => '1440']));
        $this->get('/plan?'.http_build_query(['jobs' => [$job], 'at' => '12:00', 'minutes' => '0']))->assertOk()
            ->assertSee(__('plan.head_nothing_fits', ['ready' => '12:00']));
    }

    public function test_machines_that_are_quiet_at_night_run_before_it_or_after(): void
    {
        $query = new PlanQuery(["{$this->machines['dishwasher']->id}:acid-wash"], '20:00');
        $cycle = function () use ($query): PlanLine {
            $lines = app(PlanPage::class)->for($this->user->home()->refresh(), $query, $this->user)->lines;

            return array_values(array_filter($lines, static fn (PlanLine $line): bool => null === $line->number && $line->minutes > 60))[0];
        };
        self::assertLessThan('21:00', $cycle()->from);
        self::assertGreaterThan('21:00', $cycle()->until);
        $this->put('/reminders', ['wanted' => '1', 'digest_hour' => '8', 'quiet_from' => '21', 'quiet_to' => '7', 'quiet_machines' => '1'])
            ->assertSessionHasNoErrors();
        self::assertSame('07:00', $cycle()->from, 'it waits for the morning');
    }
}
