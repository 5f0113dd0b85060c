<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use App\Models\CalendarFeed;
use App\Models\Device;
use App\Models\Invitation;
use GoodRinse\Core\Quantity\Day;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

/** What counters send and read, what displays read, and that all of it is as public/openapi.json says. */
final class OpenDoorTest extends TestCase
{
    use CountedMachine;

    public function test_the_token_comes_before_anything_that_is_sent(): void
    {
        $this->call('POST', '/device/events', server: ['CONTENT_TYPE' => 'application/json'], content: str_repeat('[', 90_000))
            ->assertStatus(401);
        [, $token] = $this->device();
        $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_AUTHORIZATION' => "Bearer $token"];
        $this->call('POST', '/device/events', server: $server, content: str_repeat(' ', 65_537))->assertStatus(413);
    }

    public function test_times_with_offsets_and_seconds_since_1970_are_the_same_moment(): void
    {
        [$device, $token] = $this->device();
        $at = new \DateTimeImmutable('2026-06-12T07:00:00Z');
        foreach (['2026-06-12T09:00:00+02:00', $at->getTimestamp(), $at->getTimestamp() + 0.5, '2026-06-12T07:00:00.25Z'] as $i => $time) {
            $this->send($token, [['id' => "e$i", 'at' => $time, 'total' => 5]])->assertOk();
        }
        self::assertSame(['2026-06-12 07:00:00'], array_values(array_unique(
            $device->events()->get()->map(static fn ($event): string => $event->at->format('Y-m-d H:i:s'))->all(),
        )));
        foreach (['2026-02-30T09:00:00Z', '2026-06-12', 12, -5, '1e9', ['x'], '9999-01-01T00:00:00Z', null] as $time) {
            $this->send($token, [['id' => 'bad', 'at' => $time, 'total' => 5]])->assertStatus(422);
        }
    }

    public function test_every_wrong_event_is_named_and_no_message_has_more_than_five_hundred(): void
    {
        [, $token] = $this->device();
        $events = static fn (int $many): array => array_map(
            static fn (int $i): array => ['id' => "e$many-$i", 'at' => 1_780_000_000 + $i, 'total' => -1],
            range(1, $many),
        );
        $errors = $this->send($token, $events(500))->assertStatus(422)->json('errors');
        self::assertCount(500, (array) $errors);
        $this->send($token, $events(501))->assertStatus(422)->assertJsonCount(1, 'errors');
    }

    public function test_one_device_that_asks_too_often_blocks_no_other(): void
    {
        [, $loud] = $this->device();
        for ($i = 0; $i < 241; ++$i) {
            $answer = $this->withToken($loud)->getJson('/device/events');
        }
        $answer->assertStatus(429);
        [, $quiet] = $this->device();
        $this->send($quiet, [self::reading('a', '10T08:00', 1)])->assertOk();
    }

    public function test_answers_are_as_the_open_description_says(): void
    {
        [, $token] = $this->device();
        $sent = $this->send($token, [self::reading('a', '10T08:00', 1)]);
        $this->conforms('Answer', $sent->getContent());
        $this->conforms('History', $this->withToken($token)->getJson('/device/events')->assertOk()->getContent());
        $this->post('/feeds', ['id' => $this->ulid(), 'reader' => 'display']);
        $display = (string) session('display');
        $due = $this->withToken($display)->getJson('/api/due')->assertOk();
        $this->conforms('Due', $due->getContent());
        self::assertSame((string) Day::of('2026-06-15'), $due->json('today'));
        self::assertStringContainsString((string) $due->json('tasks.0.why'), html_entity_decode(
            (string) $this->actingAs($this->user)->get('/')->getContent(),
            ENT_QUOTES,
        ));

        foreach ([$token, 'nonsense', ''] as $wrong) {
            $this->withToken($wrong)->getJson('/api/due')->assertStatus(401);
        }
        $this->withToken($display)->getJson('/device/events')->assertStatus(401);
        $this->get("/calendar/$display.ics")->assertNotFound();
        CalendarFeed::query()->delete();
        $this->withToken($display)->getJson('/api/due')->assertStatus(401);
    }

    public function test_every_path_of_the_open_description_is_there(): void
    {
        $description = json_decode((string) file_get_contents(public_path('openapi.json')), true);
        self::assertIsArray($description);
        foreach ($description['paths'] as $path => $methods) {
            foreach (array_keys($methods) as $method) {
                self::assertSame(401, $this->call(strtoupper($method), $path)->getStatusCode(), "$method $path");
            }
        }
    }

    public function test_what_is_sent_twice_makes_one(): void
    {
        $id = $this->ulid();
        for ($i = 0; $i < 2; ++$i) {
            $this->post("/machines/{$this->machine->id}/devices", ['id' => $id, 'name' => 'Counter'])->assertSessionHas('token');
            $this->post('/feeds', ['id' => $id])->assertSessionHas('feed');
            $this->post('/household/invitations', ['id' => $id])->assertSessionHas('invitation');
        }
        self::assertSame([1, 1, 1], [Device::query()->count(), CalendarFeed::query()->count(), Invitation::query()->count()]);
        $this->get((string) session('feed'))->assertOk();
        $this->get((string) session('invitation'))->assertOk();
    }

    private function conforms(string $schema, string|false $json): void
    {
        $description = json_decode((string) file_get_contents(public_path('openapi.json')));
        \assert($description instanceof \stdClass);
        $validator = new Validator();
        $validator->resolver()?->registerRaw((string) json_encode($description), 'https://good-rinse.invalid/openapi.json');
        $error = $validator->validate(
            json_decode((string) $json),
            "https://good-rinse.invalid/openapi.json#/components/schemas/$schema",
        )->error();
        self::assertNull($error, "$schema: ".($error?->message() ?? ''));
    }
}
