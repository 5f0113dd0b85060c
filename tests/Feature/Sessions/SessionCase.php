<?php

declare(strict_types=1);

namespace Tests\Feature\Sessions;

use App\Care\Readers\CareReader;
use App\Models\CareSession;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use App\View\Pages\Sessions\SessionData;
use App\View\Pages\Sessions\SessionPage;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Expectation;
use Tests\TestCase;

/** A kitchen with three machines, and somebody who follows a session. */
abstract class SessionCase extends TestCase
{
    protected User $user;

    /** @var array<string, Machine> */
    protected array $machines;

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
    protected function begin(?array $jobs = null): CareSession
    {
        $this->post('/sessions', ['jobs' => $jobs ?? [
            "{$this->machines['dishwasher']->id}:filter-clean",
            "{$this->machines['hood']->id}:wash-filters",
            "{$this->machines['drip']->id}:weekly-wash",
        ]])->assertSessionHasNoErrors()->assertRedirect();

        return CareSession::query()->firstOrFail();
    }

    protected function page(CareSession $session, ?User $person = null): SessionData
    {
        return app(SessionPage::class)->for($session->refresh(), ($person ?? $this->user)->refresh());
    }

    /** Follows the session for one person until there is nothing to do for them now; says how many steps that was. */
    protected function follow(CareSession $session, int $most = 200): int
    {
        for ($steps = 0; $steps < $most; ++$steps) {
            $to = (string) $this->post("/sessions/$session->id/turn")->headers->get('location');
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

    protected function answer(Round $round, Step $step): ?string
    {
        $blocked = app(CareReader::class)->machine($round->machine, $this->user->home())->blockedNow();
        $soil = array_map(Fraction::of(...), $round->expected ?? $blocked);
        $answers = Expectation::of($round->fittedProcedure(), $round->handbook(), $soil);

        return null === $step->capture ? null : ($answers[$step->capture->id] ?? $step->capture->options[0]->id ?? null);
    }

    protected function waitForNext(CareSession $session): bool
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
}
