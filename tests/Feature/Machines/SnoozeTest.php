<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use Tests\TestCase;

/** Reminders put off, and nobody at home. */
final class SnoozeTest extends TestCase
{
    use OpenedMachine;

    public function test_put_off_moves_the_reminder_and_not_the_clock(): void
    {
        $this->opened('2026-05-01', 'patchy');
        $this->get('/')->assertSee(__('views/today/ask.one_round_today'));
        $due = $this->rhythm()->dueOn;
        foreach ([['until' => '2026-06-15'], ['until' => '2028-01-01'], ['until' => 'soon'], ['reason' => '']] as $wrong) {
            $this->post(
                "/machines/{$this->machine->id}/snoozes",
                $wrong + ['id' => $this->ulid(), 'task' => 'filter', 'until' => '2026-06-20', 'reason' => 'guests'],
            )->assertSessionHasErrors();
        }
        $this->post(
            "/machines/{$this->machine->id}/snoozes",
            ['id' => $this->ulid(), 'task' => 'filter', 'until' => '2026-06-20', 'reason' => 'guests'],
        )->assertRedirect('/');
        $this->get('/')
            ->assertDontSee(__('views/today/ask.one_round_today'))->assertSee(__('views/today/later.put_off'))
            ->assertSee('until 20 Jun (guests)')->assertSee(
                'Door and seal of Galley comes first:',
            );
        self::assertEquals($due, $this->rhythm()->dueOn);
        $this->get("/machines/{$this->machine->id}/rhythm/filter")->assertSee(__('reasons.snoozed', ['until' => '20 June']));
        $this->clock->move('+5 days');
        $this->get('/')->assertSee(__('views/today/ask.one_round_today'));
    }

    public function test_nobody_at_home_stops_use_and_lets_mould_grow(): void
    {
        $this->opened('2026-06-01', 'patchy');
        $this->opened('2026-06-01', 'patchy', task: 'seal');
        [$filter, $seal] = [$this->rhythm()->dueOn, $this->rhythm('seal')->dueOn];
        $this->post('/away', ['id' => $this->ulid(), 'from' => '2026-06-20', 'to' => '2026-06-10', 'machines' => [$this->machine->id]])
            ->assertSessionHasErrors('to');
        $this->post('/away', ['id' => $this->ulid(), 'from' => '2026-06-16', 'to' => '2026-06-25'])->assertSessionHasErrors('machines');
        $this->post(
            '/away',
            ['id' => $this->ulid(), 'from' => '2026-06-16', 'to' => '2026-06-25', 'reason' => 'sea', 'machines' => [$this->machine->id]],
        )->assertRedirect('/');
        self::assertSame(10, $this->rhythm()->dueOn?->since($filter ?? self::fail()));
        self::assertEquals($seal, $this->rhythm('seal')->dueOn);
        $this->clock->move('+3 days');
        $this->get('/')->assertSee(__('today.use.away', ['day' => '25 Jun']));
        $this->get('/logbook')->assertSee('Nobody at home from 16 June 2026 to 25 June 2026: sea');
    }
}
