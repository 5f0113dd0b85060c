<?php

declare(strict_types=1);

namespace Tests\Feature\Today;

use App\Models\Machine;
use App\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class TodayTest extends TestCase
{
    private function opened(User $user, Machine $machine, string $on, string $found = 'patchy', string $left = 'clear'): void
    {
        $this->actingAs($user)->post(
            "/machines/$machine->id/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => $on, 'found' => $found, 'left' => $left],
        )->assertSessionHasNoErrors();
    }

    /** @return iterable<string, array{string, string, string}> day of the opening, headline, when */
    public static function standings(): iterable
    {
        yield 'just opened' => ['2026-06-15', 'Nothing to do today.', 'due in 30 days'];
        yield 'half way' => ['2026-05-31', 'Nothing to do today.', 'due in 15 days'];
        yield 'tomorrow' => ['2026-05-17', 'Nothing to do today.', 'due tomorrow'];
        yield 'today' => ['2026-05-16', 'One round today.', 'due today'];
        yield 'a day over' => ['2026-05-15', 'One round today.', 'overdue by a day'];
        yield 'long over' => ['2026-04-16', 'One round today.', 'overdue by 30 days'];
    }

    #[DataProvider('standings')]
    public function test_the_headline_says_what_to_do_and_the_line_says_when(string $on, string $headline, string $when): void
    {
        $user = $this->member();
        $this->opened($user, $this->machineOf($user), $on);
        $this->get('/')->assertOk()->assertSee($headline)->assertSee("<strong>$when</strong>", false);
    }

    public function test_the_reason_counts_what_was_left_in_place(): void
    {
        $user = $this->member();
        $this->opened($user, $this->machineOf($user), '2026-06-01', 'heavy', 'film');
        $this->get('/')->assertSee('14 days since 1 June, of about 30. What was left in place then (film) counts as 7.3 days already run.');
    }

    public function test_the_most_urgent_machine_comes_first(): void
    {
        $user = $this->member();
        foreach (['Fresh one' => '2026-06-10', 'Late one' => '2026-04-01', 'Middling one' => '2026-05-25'] as $name => $on) {
            $this->opened($user, $this->machineOf($user, ['name' => $name]), $on);
        }
        $this->get('/')->assertSeeInOrder(['One round today.', 'Late one', 'Middling one', 'Fresh one']);
        $this->get('/kitchen')->assertSeeInOrder(['Fresh one', 'Late one', 'Middling one']);
    }

    public function test_loads_move_the_date_when_they_run_faster_than_the_days(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user, ['habits' => ['loadsPerWeek' => 7.0, 'plates' => 'scrape']]);
        $this->opened($user, $machine, '2026-06-01');
        for ($day = 0; $day < 15; ++$day) {
            foreach ([1, 2, 3] as $load) {
                $this->post("/machines/$machine->id/uses", ['id' => $this->ulid()])->assertSessionHasNoErrors();
            }
            $this->clock->move('+1 day');
        }
        $this->get('/')
            ->assertSee(__('views/today/ask.one_round_today'))
            ->assertSee(__('reasons.clock-decides-since', [
                'elapsed' => '60 loads', 'since' => '1 June', 'absent' => '', 'interval' => '30',
            ]))
            ->assertSee(__('today.use.week', ['uses' => '18']));
    }

    public function test_an_empty_kitchen_teaches_how_to_begin(): void
    {
        $this->actingAs($this->member())->get('/')
            ->assertSee(__('views/components/care/first-machine.add_your_first_machine'))
            ->assertSee(__('views/components/care/first-machine.every_part_gets_a_glass_like'));
        $this->get('/kitchen')->assertSee(__('places/kitchen.none'));
        $this->get('/logbook')->assertSee(__('logbook.head.none'));
    }

    public function test_logging_in_leads_to_the_page_that_was_asked_for(): void
    {
        $user = $this->member();
        $this->get('/logbook')->assertRedirect('/login');
        $this->post('/login', ['email' => $user->email, 'password' => \Database\Factories\UserFactory::PASSWORD, 'remember' => '1'])
            ->assertRedirect('/logbook');
        self::assertNotNull($user->refresh()->getRememberToken());
    }
}
