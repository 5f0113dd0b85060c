<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use App\Models\Device;
use App\Models\DeviceEvent;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class DeviceTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user);
        $this->actingAs($this->user);
    }

    /** @return array{Device, string} */
    private function device(bool $simulated = false): array
    {
        $answer = $this->post("/machines/{$this->machine->id}/devices", ['name' => 'Load counter', 'simulated' => $simulated ? '1' : null]);
        $device = Device::query()->latest('id')->firstOrFail();
        $answer->assertRedirect("/devices/$device->id");
        $token = session('token');

        return [$device, is_string($token) ? $token : ''];
    }

    /**
     * @param list<array<string, mixed>> $events
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(string $token, array $events, ?string $sent = null): TestResponse
    {
        return $this->withToken($token)->postJson('/device/events', array_filter(['sent' => $sent, 'events' => $events]));
    }

    /** @return array{id: string, at: string, total: float} */
    private static function reading(string $id, string $at, float $total): array
    {
        return ['id' => $id, 'at' => "2026-06-$at:00Z", 'total' => $total];
    }

    private function lastWeek(): string
    {
        preg_match('/([\d.]+) in the last 7 days/', (string) $this->get('/')->getContent(), $found);

        return $found[1] ?? 'nothing';
    }

    public function test_totals_become_uses_and_sending_again_changes_nothing(): void
    {
        [, $token] = $this->device();
        $events = [self::reading('a', '10T08:00', 100), self::reading('b', '11T20:00', 102), self::reading('c', '13T20:00', 105)];
        $this->send($token, $events)->assertOk()->assertJson(
            ['events' => ['a' => 'taken', 'b' => 'taken', 'c' => 'taken'], 'clockAhead' => 0],
        );
        self::assertSame('5', $this->lastWeek());
        $this->send($token, [...$events, $events[1], self::reading('d', '12T20:00', 103)])->assertOk()->assertJson(
            ['events' => ['a' => 'known', 'b' => 'known', 'c' => 'known', 'd' => 'taken']],
        );
        self::assertSame('5', $this->lastWeek());
        self::assertSame(4, Entry::query()->where('kind', EntryKind::Meter)->count());
        $this->get('/logbook?show=uses')->assertSee('A counter showed 105 loads');
        $this->get('/logbook')->assertDontSee('A counter showed');
    }

    public function test_a_counter_that_goes_backwards_is_asked_about(): void
    {
        [$device, $token] = $this->device();
        $this->send($token, [self::reading('a', '10T08:00', 100), self::reading('b', '11T20:00', 104)]);
        $this->send($token, [self::reading('c', '12T20:00', 1), self::reading('d', '13T20:00', 2)])->assertOk()->assertJson(
            ['events' => ['c' => 'held', 'd' => 'held']],
        );
        self::assertSame('4', $this->lastWeek());
        $this->get("/devices/$device->id")
            ->assertSee('It counts backwards')
            ->assertSee('It showed 1 on 12 June, after 104 on 11 June')
            ->assertSee('2 readings wait');
        $this->post("/devices/$device->id/settle", ['how' => 'somehow'])->assertSessionHasErrors('how');
        $this->post("/devices/$device->id/settle", ['how' => 'zero'])->assertRedirect();
        self::assertSame('6', $this->lastWeek());
        $this->get("/devices/$device->id")->assertDontSee('It counts backwards');
        $this->send($token, [self::reading('e', '14T20:00', 3)])->assertJson(['events' => ['e' => 'taken']]);
        self::assertSame('7', $this->lastWeek());
    }

    public function test_a_spike_waits_and_what_comes_after_it_is_taken(): void
    {
        [$device, $token] = $this->device();
        $this->send($token, [self::reading('a', '10T08:00', 100), self::reading('b', '11T08:00', 101), self::reading('c', '11T09:00', 1e9)])
            ->assertJson(
                ['events' => ['b' => 'taken', 'c' => 'held']],
            );
        $this->send($token, [self::reading('d', '12T08:00', 103)])->assertJson(['events' => ['d' => 'taken']]);
        self::assertSame('3', $this->lastWeek());
        $this->get("/devices/$device->id")->assertSee('It jumped');
        $this->post("/devices/$device->id/settle", ['how' => 'wrong'])->assertRedirect();
        self::assertSame('3', $this->lastWeek());
    }

    public function test_a_reading_that_is_taken_back_lets_those_after_it_follow(): void
    {
        [$device, $token] = $this->device();
        $this->send($token, [self::reading('a', '10T08:00', 100), self::reading('b', '11T08:00', 120), self::reading('c', '12T08:00', 103)])
            ->assertJson(
                ['events' => ['b' => 'taken', 'c' => 'held']],
            );
        self::assertSame('20', $this->lastWeek());
        $wrong = Entry::query()->where('kind', EntryKind::Meter)->where('payload', 'like', '%120%')->sole();
        $this->post("/entries/$wrong->id/void")->assertRedirect();
        self::assertSame('3', $this->lastWeek());
        self::assertSame(0, $device->events()->where('status', DeviceEvent::HELD)->count());
    }

    public function test_another_counter_that_had_counted_before_begins_at_its_first_reading(): void
    {
        [$device, $token] = $this->device();
        $this->send($token, [
            self::reading('a', '10T08:00', 100),
            self::reading('b', '11T20:00', 104),
            self::reading('c', '12T20:00', 40),
            self::reading('d', '13T20:00', 42),
        ]);
        $this->post("/devices/$device->id/settle", ['how' => 'here']);
        self::assertSame('6', $this->lastWeek());
        self::assertSame(1, $device->refresh()->series);
    }

    public function test_wrong_readings_are_left_out_and_what_follows_fits_again(): void
    {
        [$device, $token] = $this->device();
        $this->send($token, [self::reading('a', '10T08:00', 100), self::reading('b', '11T20:00', 10), self::reading('c', '12T20:00', 103)])
            ->assertJson(
                ['events' => ['b' => 'held', 'c' => 'taken']],
            );
        $this->post("/devices/$device->id/settle", ['how' => 'wrong']);
        self::assertSame('3', $this->lastWeek());
        self::assertSame(1, DeviceEvent::query()->where('status', DeviceEvent::DROPPED)->count());
    }

    public function test_a_clock_that_is_wrong_is_set_right_and_said(): void
    {
        [$device, $token] = $this->device();
        $this->send($token, [['id' => 'a', 'at' => '2026-06-15T11:30:00+00:00', 'total' => 7]], '2026-06-15T12:00:00+00:00')
            ->assertOk()
            ->assertJson(['clockAhead' => 10800]);
        self::assertSame('2026-06-15 08:30:00', DeviceEvent::query()->firstOrFail()->at->format('Y-m-d H:i:s'));
        $this->get("/devices/$device->id")->assertSee('Its clock is 3 h ahead');
        $this->send($token, [['id' => 'b', 'at' => '2026-06-15T11:30:00Z', 'total' => 8]])->assertJson(['events' => ['b' => 'future']]);
        self::assertSame(1, DeviceEvent::query()->count());
    }

    public function test_a_light_sent_by_a_device_makes_its_job_due(): void
    {
        $this->machine = $this->machineOf($this->user, [
            'kind' => 'pod-brewer',
            'name' => 'Cup',
            'traits' => ['light' => 'light'],
            'habits' => [],
            'schools' => ['descale' => 'light'],
        ]);
        [, $token] = $this->device();
        $this->send($token, [
            ['id' => 'l', 'at' => '2026-06-15T08:00:00Z', 'light' => 'descale', 'on' => true],
            ['id' => 'm', 'at' => '2026-06-15T08:00:00Z', 'light' => 'moon', 'on' => true],
        ])
            ->assertJson(
                ['events' => ['l' => 'taken', 'm' => 'no-such-light']],
            );
        $this->get("/machines/{$this->machine->id}?task=descale")
            ->assertSee('The descale light is on, so it is due today.')
            ->assertSee('on since 15 June');
    }

    public function test_tokens_are_rotated_and_revoked_and_wrong_ones_are_slowed_down(): void
    {
        [$device, $old] = $this->device();
        $this->post("/devices/$device->id/token");
        $new = (string) session('token');
        $this->send($old, [self::reading('a', '10T08:00', 1)])->assertStatus(401);
        $this->send($new, [self::reading('a', '10T08:00', 1)])->assertOk();
        $this->delete("/devices/$device->id");
        $this->send($new, [self::reading('b', '11T08:00', 2)])->assertStatus(401);
        self::assertSame(1, DeviceEvent::query()->count());
        $this->get("/devices/$device->id")->assertSee('Shut out.')->assertDontSee($new);
        for ($try = 0; $try < 25; ++$try) {
            $answer = $this->send("wrong-$try", [self::reading('a', '10T08:00', 1)]);
        }
        $answer->assertStatus(429);
    }

    public function test_what_cannot_be_read_is_refused_whole(): void
    {
        [, $token] = $this->device();
        foreach ([[['id' => 'a', 'at' => 'yesterday', 'total' => 1]], [['id' => 'a', 'at' => '2026-06-10T08:00:00Z']], [
            ['id' => 'a b', 'at' => '2026-06-10T08:00:00Z', 'total' => 1],
        ],
            [['id' => 'a', 'at' => '2026-06-10T08:00:00Z', 'total' => -1]], [
                ['id' => 'a', 'at' => '2026-06-10T08:00:00Z', 'total' => 'many'],
            ], [self::reading('a', '10T08:00', 1), ['id' => 7]], [7]] as $events) {
            $this->send($token, $events)->assertStatus(422);
        }
        $this->withToken($token)
            ->call('POST', '/device/events', server: ['CONTENT_TYPE' => 'application/json'], content: '{"events": [')
            ->assertStatus(422);
        self::assertSame(0, Entry::query()->count());
    }

    public function test_the_simulator_sends_through_the_same_door_and_may_run_again(): void
    {
        [$device] = $this->device(true);
        Http::fake(
            fn ($request) => Http::response(
                (string) $this->withToken(substr($request->header('Authorization')[0], 7))
                    ->postJson('/device/events', $request->data())
                    ->assertOk()
                    ->getContent(),
            ),
        );
        $this->artisan('device:simulate', ['device' => $device->id, '--days' => 30]);
        $count = $device->events()->count();
        self::assertGreaterThan(10, $count);
        self::assertSame(
            $count,
            $device->events()->where('status', DeviceEvent::TAKEN)->count(),
            'sent in reverse and twice, taken once each',
        );
        $this->clock->move('+9 days');
        $this->artisan('device:simulate', ['device' => $device->id, '--times' => 2]);
        self::assertSame(0, $device->events()->where('status', '!=', DeviceEvent::TAKEN)->count());
        self::assertGreaterThan($count + 2, $device->events()->count());
        self::assertSame(1, $this->artisan('device:simulate', ['device' => 'nobody']));
    }

    public function test_a_table_of_readings_is_looked_through_before_anything_is_written(): void
    {
        $id = $this->ulid();
        $table = "when,total\n2026-06-01 20:00,50\n2026-06-05,53\nnonsense\n2026-06-12 20:00,59";
        $this->post("/machines/{$this->machine->id}/readings", ['id' => $id, 'table' => $table])->assertOk()
            ->assertSee('3 lines can be used, one cannot.')
                ->assertSee('Line 4:')
                ->assertSee('is no day that exists')
                ->assertSee('nonsense');
        self::assertSame(0, Entry::query()->count());
        $this->post("/machines/{$this->machine->id}/readings", ['id' => $id, 'table' => $table, 'sure' => '1'])
            ->assertRedirect("/machines/{$this->machine->id}");
        $this->post("/machines/{$this->machine->id}/readings", ['id' => $id, 'table' => $table, 'sure' => '1'])
            ->assertOk()
            ->assertSee('already written down');
        self::assertSame(3, Entry::query()->count());
        self::assertSame('3.5', $this->lastWeek(), 'six in seven days and a third, of which more than four lie in this week');
        $this->post(
            "/machines/{$this->machine->id}/readings",
            ['id' => $this->ulid(), 'table' => "when,total\n2026-06-13,7", 'sure' => '1'],
        )->assertSee('7 after 59 goes backwards')->assertSee(
            'None of these lines can be used.',
        );
        $this->post(
            "/machines/{$this->machine->id}/readings",
            ['id' => $this->ulid(), 'table' => "when,total\n2026-06-13 08:00,0\n2026-06-14,2", 'replaced' => '1', 'sure' => '1'],
        )->assertRedirect();
        self::assertSame('5.5', $this->lastWeek());
        $this->post("/machines/{$this->machine->id}/readings", ['id' => $this->ulid()])->assertSessionHasErrors('table');
        $this->post("/machines/{$this->machine->id}/readings", ['id' => $this->ulid(), 'table' => "when,total\n\xFF\xFE"])
            ->assertSessionHasErrors('table');
    }

    public function test_about_how_many_is_asked_only_while_nothing_counts(): void
    {
        $this->machine->created_at = \Carbon\CarbonImmutable::parse('2026-05-01');
        $this->machine->save();
        $this->get('/')->assertSee('About how many, in the last week?');
        $this->post("/machines/{$this->machine->id}/uses", ['id' => $this->ulid(), 'uses' => '5.5', 'over' => '7'])
            ->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee('About how many, in the last week?');
        self::assertSame('5.5', $this->lastWeek());
        $this->post("/machines/{$this->machine->id}/uses", ['id' => $this->ulid(), 'uses' => 'many', 'over' => '7'])
            ->assertSessionHasErrors('uses');
    }
}
