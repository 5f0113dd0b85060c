<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Household;
use Psr\Clock\ClockInterface;
use Tests\HandClock;
use Tests\TestCase;

/** The minutes round midnight, in zones on both sides of the world's own. */
final class MidnightTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> zone, a moment ten minutes before its midnight, the day that begins */
    public static function places(): iterable
    {
        yield 'ahead of the world' => ['Pacific/Auckland', '2026-06-15T11:50:00Z', 'Tuesday 16 June'];
        yield 'behind it' => ['America/Los_Angeles', '2026-06-16T06:50:00Z', 'Tuesday 16 June'];
        yield 'off by a quarter of an hour' => ['Asia/Kathmandu', '2026-06-15T18:05:00Z', 'Tuesday 16 June'];
        yield 'the night the clocks go back' => ['Europe/Stockholm', '2026-10-24T21:50:00Z', 'Sunday 25 October'];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('places')]
    public function test_a_round_over_midnight_belongs_to_both_days(string $zone, string $before, string $day): void
    {
        $this->clock = new HandClock($before);
        $this->app?->instance(ClockInterface::class, $this->clock);
        $user = $this->member(Household::factory()->create(['timezone' => $zone])->refresh());
        $machine = $this->machineOf($user, ['created_at' => '2026-05-01 00:00:00']);
        $this->actingAs($user)->get('/')->assertDontSee($day);
        $this->post("/machines/$machine->id/uses", ['id' => $this->ulid()])->assertRedirect();
        $round = $this->startRound($user, $machine, 'look-and-wipe');
        $this->tick($round, 'kit');

        $this->clock->move('+20 minutes');
        $this->get('/')
            ->assertSee($day)->assertSee(__('views/today/ask.a_round_is_under_way'))
            ->assertSee('at <strong>23:50</strong>', false);
        $this->get("/rounds/$round->id")->assertOk();
        $this->walk($round, ['found' => 'patchy']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertRedirect();
        $this->get("/rounds/$round->id")->assertSee('23:50–00:10');
        $this->post("/machines/$machine->id/uses", ['id' => $this->ulid()])->assertRedirect();
        $this->get('/logbook?show=all')->assertOk()->assertSeeInOrder(
            ['today', "00:10 · $machine->name · $user->name", 'yesterday', "23:50 · $machine->name · $user->name"],
        );
        $this->get('/')->assertSee(__('today.use.week', ['uses' => '2']))->assertSee('Fine filter');
    }
}
