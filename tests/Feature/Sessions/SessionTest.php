<?php

declare(strict_types=1);

namespace Tests\Feature\Sessions;

use App\Models\CareSession;

/** A session over several machines, run: each tick leads to what is next, and the plan is made anew from there. */
final class SessionTest extends SessionCase
{
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
        $first = basename((string) $this->post("/sessions/$session->id/turn")->headers->get('location'));
        $next = $this->postJson("/rounds/$first/ticks", ['id' => $this->ulid(), 'step' => 'kit'])->json('next');
        self::assertSame("/rounds/$first", $next);
        $seen = [];
        for ($i = 0; $i < 60; ++$i) {
            $to = (string) $this->post("/sessions/$session->id/turn")->headers->get('location');
            if (1 !== preg_match('#/rounds/([0-9a-z]+)$#i', $to, $found)) {
                break;
            }
            $seen[] = $found[1];
            $this->follow($session, 1);
        }
        self::assertGreaterThan(2, count(array_unique($seen)));
        $switches = array_filter(array_keys($seen), static fn (int $i): bool => $i > 0 && $seen[$i] !== $seen[$i - 1]);
        self::assertNotSame([], $switches, 'it goes on elsewhere while something soaks');
        $third = $this->member($this->user->home());
        $round = $session->rounds()->whereNull('ended_at')->firstOrFail();
        $next = $this->actingAs($third)->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'kit'])->json('next');
        self::assertSame("/rounds/$round->id", $next, 'who is not in it stays where they are');
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

    public function test_a_round_that_is_stopped_for_good_leaves_the_rest_as_it_was(): void
    {
        $session = $this->begin();
        $round = $session->rounds()->where('machine_id', $this->machines['hood']->id)->firstOrFail();
        $this->post("/rounds/$round->id/end", ['how' => 'stopped'])->assertSessionHasNoErrors();
        self::assertCount(2, $this->page($session)->rounds);
        $this->get("/sessions/$session->id")->assertOk();
        $this->post("/sessions/$session->id/turn")->assertRedirect();
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
}
