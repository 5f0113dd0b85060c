<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use App\Models\Device;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Testing\TestResponse;

/** A machine with a counter. */
trait CountedMachine
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
}
