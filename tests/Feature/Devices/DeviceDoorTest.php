<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use App\Models\DeviceEvent;
use App\Models\Entry;
use Illuminate\Support\Facades\Http;
use Tests\TestCase;

/** Who may send readings, and how. */
final class DeviceDoorTest extends TestCase
{
    use CountedMachine;

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
        $this->get("/devices/$device->id")->assertSee(__('devices.head.shut_out'))->assertDontSee($new);
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
        $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_AUTHORIZATION' => "Bearer $token"];
        $this->call('POST', '/device/events', server: $server, content: '{"events": [')->assertStatus(422);
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
                ->assertSee('is not a day that exists')
                ->assertSee('nonsense');
        self::assertSame(0, Entry::query()->count());
        $this->post("/machines/{$this->machine->id}/readings", ['id' => $id, 'table' => $table, 'sure' => '1'])
            ->assertRedirect("/machines/{$this->machine->id}");
        $this->post("/machines/{$this->machine->id}/readings", ['id' => $id, 'table' => $table, 'sure' => '1'])
            ->assertOk()
            ->assertSee(__('readings.bad.there'));
        self::assertSame(3, Entry::query()->count());
        self::assertSame('3.5', $this->lastWeek(), 'six in seven days and a third, of which more than four lie in this week');
        $this->post(
            "/machines/{$this->machine->id}/readings",
            ['id' => $this->ulid(), 'table' => "when,total\n2026-06-13,7", 'sure' => '1'],
        )->assertSee('7 after 59 goes backwards')->assertSee(
            __('views/readings/preview.none_of_these_lines_can_be'),
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
        $this->get('/')->assertSee(__('views/today/beside.about_how_many_in_the_last'));
        $this->post("/machines/{$this->machine->id}/uses", ['id' => $this->ulid(), 'uses' => '5.5', 'over' => '7'])
            ->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee(__('views/today/beside.about_how_many_in_the_last'));
        self::assertSame('5.5', $this->lastWeek());
        $this->post("/machines/{$this->machine->id}/uses", ['id' => $this->ulid(), 'uses' => 'many', 'over' => '7'])
            ->assertSessionHasErrors('uses');
    }
}
