<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use App\Models\DeviceEvent;
use App\Models\Entry;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Tests\TestCase;

final class DeviceTest extends TestCase
{
    use CountedMachine;

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
        $this->get('/logbook?show=uses')->assertSee(__('logbook.meter', ['uses' => '105 loads']));
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
            ->assertSee(__('devices.head.backwards'))
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
        $this->get("/devices/$device->id")->assertSee(__('devices.head.jumped'));
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
        $wrong = Entry::query()->where('kind', EntryKind::Meter)->whereIn('payload->total', [120, '120.0'])->sole();
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
            ->assertSee(__('reasons.signal-light', ['name' => 'descale']))
            ->assertSee('on since 15 June');
    }
}
