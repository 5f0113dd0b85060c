<?php

declare(strict_types=1);

namespace Tests\Feature\Security;

use App\Actions\Rounds\StorePhoto;
use App\Models\CareSession;
use App\Models\Entry;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Tests\TestCase;

/** Who may open what, and what every answer carries. */
final class DoorTest extends TestCase
{
    private const OPEN = [
        'up', 'login', 'login/code', 'forgotten', 'forgotten/{token}', 'register', 'register/link', 'join/{token}',
    ];

    /** Opened by a secret in the address or a header instead; each has tests of its own. */
    private const BY_SECRET = [
        'device/events', 'api/due', 'calendar/{token}.ics', 'reminders/stop/{user}', 'account/email/{user}', 'register/confirmed',
    ];

    public function test_everything_but_the_front_door_asks_for_a_login(): void
    {
        $asked = 0;
        foreach (app('router')->getRoutes() as $route) {
            \assert($route instanceof Route);
            if (
                in_array($route->uri(), self::BY_SECRET, true)
                || (in_array($route->uri(), self::OPEN, true) && 'join/{token}' !== $route->uri())
            ) {
                continue;
            }
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                if ('join/{token}' === $route->uri() && 'GET' === $method) {
                    continue;
                }
                $uri = preg_replace('/\{[a-z]+\}/', $this->ulid(), $route->uri());
                $this->call($method, "/$uri")->assertRedirect('/login');
                ++$asked;
            }
        }
        self::assertGreaterThan(18, $asked);
    }

    public function test_another_household_finds_nothing_and_changes_nothing(): void
    {
        $owner = $this->member();
        $machine = $this->machineOf($owner);
        $round = $this->startRound($owner, $machine);
        $this->tick($round, 'kit', null, ['note' => 'a remark of our own']);
        $entry = Entry::query()->firstOrFail();
        $this->post('/household/invitations');
        $invitation = $owner->home()->invitations()->firstOrFail();
        app(StorePhoto::class)->ofStep($round, $owner, $this->ulid(), 'hold-to-light', UploadedFile::fake()->image('f.jpg', 40, 30));
        $photo = Photo::query()->firstOrFail();
        $this->post("/machines/$machine->id/devices", ['name' => 'Counter of ours']);
        $device = $owner->home()->devices()->firstOrFail();
        $this->post('/feeds');
        $this->post(
            "/machines/$machine->id/traces",
            ['id' => $traced = $this->ulid(), 'symptoms' => ['smell'], 'since' => '2026-06-14', 'look' => '1'],
        );
        $this->post("/machines/$machine->id/documents", [
            'id' => $this->ulid(),
            'kind' => 'receipt',
            'file' => UploadedFile::fake()->image('receipt.png', 20, 20),
        ])->assertSessionHasNoErrors();
        $document = $machine->documents()->firstOrFail();
        $feed = $owner->home()->feeds()->firstOrFail();
        $hood = $this->machineOf($owner, ['kind' => 'hood', 'name' => 'Ours above', 'traits' => [], 'habits' => [], 'schools' => []]);
        $this->post('/sessions', ['jobs' => ["$hood->id:wash-filters"]])->assertSessionHasNoErrors();
        $session = CareSession::query()->firstOrFail();
        $before = [Entry::query()->count(), $round->ticks()->count()];

        $this->actingAs($this->member());
        $ids = [
            'machine' => $machine->id,
            'round' => $round->id,
            'photo' => $photo->id,
            'entry' => $entry->id,
            'invitation' => $invitation->id,
            'device' => $device->id,
            'feed' => $feed->id,
            'document' => $document->id,
            'procedure' => 'filter-clean',
            'trace' => $traced,
            'task' => 'filter',
            'part' => 'filter',
            'vessel' => 'tub',
            'trait' => 'filter',
            'series' => 'jets',
            'session' => $session->id,
        ];
        $tries = [];
        foreach (\Illuminate\Support\Facades\Route::getRoutes()->getRoutes() as $route) {
            $names = $route->parameterNames();
            $records = ['machine', 'round', 'photo', 'entry', 'invitation', 'device', 'feed', 'trace', 'document', 'session'];
            if ([] !== array_intersect($names, $records)) {
                self::assertSame([], array_diff($names, array_keys($ids)), "{$route->uri()} is tried too");
                $uri = '/'.strtr($route->uri(), array_combine(
                    array_map(static fn (string $name): string => '{'.$name.'}', $names),
                    array_map(static fn (string $name): string => $ids[$name], $names),
                ));
                array_push(
                    $tries,
                    ...array_map(static fn (string $method): array => [$method, $uri], array_diff($route->methods(), ['HEAD'])),
                );
            }
        }
        self::assertGreaterThan(50, count($tries));
        foreach ($tries as [$method, $uri]) {
            $this->call($method, $uri, [
                'id' => $this->ulid(),
                'step' => 'power-off',
                'how' => 'stopped',
                'task' => 'filter',
                'agent' => 'white-vinegar',
                'symptom' => 'smell',
                'until' => '2026-07-01',
                'reason' => 'guests',
                'light' => 'descale',
                'on' => '1',
                'name' => 'x',
                'table' => 'when,uses',
                'habits' => $machine->habits,
                'symptoms' => ['smell'],
                'since' => '2026-06-14',
                'seen' => 0,
                'kind' => 'answer',
                'card' => 'shards',
                'result' => 'none',
                'place' => 0,
            ])
                ->assertNotFound();
        }
        $this->get('/logbook?machine='.$machine->id)->assertOk()->assertDontSee('a remark of our own')->assertDontSee($machine->name);
        foreach ([
            '/kitchen',
            '/away',
            '/rhythm?machine='.$machine->id,
            '/logbook?entry='.$entry->id,
            '/household',
            '/reminders',
            '/household/water?strip=4',
        ] as $page) {
            $this->get($page)->assertOk()->assertDontSee($machine->name)->assertDontSee('a remark of our own');
        }
        $this->post('/away', ['id' => $this->ulid(), 'from' => '2026-06-16', 'to' => '2026-06-20', 'machines' => [$machine->id]])
            ->assertSessionHasErrors('machines.0');
        $this->get("/handbook/dishwasher/acid-wash?machine=$machine->id")->assertOk()->assertDontSee($machine->name);
        self::assertSame($before, [Entry::query()->count(), $round->ticks()->count()]);
        self::assertNull($round->refresh()->ended_at);

        $this->actingAs($owner)->get("/photos/$photo->id")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_ids_that_do_not_exist_are_not_found(): void
    {
        $this->actingAs($this->member());
        foreach (['machines', 'rounds', 'photos'] as $place) {
            $this->get("/$place/{$this->ulid()}")->assertNotFound()->assertSee(__('failures.not_found'));
            $this->get("/$place/%27%20or%201%3D1")->assertNotFound();
        }
        $this->post('/entries/nonsense/void', ['id' => $this->ulid()])->assertNotFound();
    }
}
