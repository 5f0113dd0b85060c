<?php

declare(strict_types=1);

namespace Tests\Feature\Sessions;

use App\Models\CareSession;
use App\Models\Round;
use App\Models\User;
use App\View\Pages\Sessions\PersonTurn;
use GoodRinse\Core\Handbook\Procedure\Step;

/** Two people in one session, each with their own phone. */
final class TwoPeopleTest extends SessionCase
{
    /** Each goes on with whatever the session leads them to, as soon as they have done the last; nobody is told of the other's. */
    public function test_two_people_get_through_it_together_and_are_never_at_the_same_machine(): void
    {
        $session = $this->begin();
        $alone = new \DateTimeImmutable($session->promise['finish']);
        $people = [$this->user, $partner = $this->member($this->user->home())];
        $this->actingAs($partner)->post("/sessions/$session->id/people");
        $promised = new \DateTimeImmutable($session->refresh()->promise['finish']);
        self::assertLessThanOrEqual($alone, $promised);
        $busy = [];
        for ($turn = 0; $turn < 400 && null !== CareSession::open($this->user->home()); ++$turn) {
            foreach ($people as $n => $person) {
                $busy[$n] ??= $this->takeUp($session, $person);
            }
            $at = array_filter($busy);
            $machines = array_map(static fn (array $each): string => $each[1]->machine_id, $at);
            self::assertCount(count($machines), array_unique($machines), 'both at one machine');
            if ([] === $at) {
                $this->clock->move('+1 minute');
                continue;
            }
            uasort($at, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $n = array_key_first($at);
            [$until, $round, $step] = $at[$n];
            $this->clock->set($until->format(\DATE_ATOM));
            $this->actingAs($people[$n]);
            null === $step
                ? $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors()
                : $this->tick($round, $step->id, $this->answer($round, $step), ['ended' => null])->assertSessionHasNoErrors();
            $busy = array_filter(array_diff_key($busy, [$n => null])); // who had nothing to do looks again
        }
        self::assertNull(CareSession::open($this->user->home()));
        self::assertEqualsWithDelta($promised->getTimestamp(), $this->clock->now()->getTimestamp(), 600);
    }

    /** @return array{\DateTimeImmutable, Round, Step|null}|null until when they are at it, and at what; null while nothing is to do */
    private function takeUp(CareSession $session, User $person): ?array
    {
        $to = (string) $this->actingAs($person)->post("/sessions/$session->id/turn")->headers->get('location');
        if (1 !== preg_match('#/rounds/([0-9a-z]+)$#i', $to, $found)) {
            return null;
        }
        $round = Round::query()->findOrFail($found[1]);
        $step = $round->progress()->current();

        return [$this->clock->now()->modify(sprintf('+%d seconds', $step?->hands->seconds() ?? 0)), $round, $step];
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
            $next[] = $this->actingAs($person)->post("/sessions/$session->id/turn")->headers->get('location');
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
}
