<?php

declare(strict_types=1);

namespace Tests;

use App\Databases\PostgresHomeConnection;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Psr\Clock\ClockInterface;

/** The application over HTTP, on a real SQLite database and a clock that the test sets. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    /** Commands run for real; nothing is mocked. */
    public $mockConsoleOutput = false;

    protected HandClock $clock;

    /** With DB_CONNECTION=pgsql the same tests run there, each process of several in a database of its own. */
    public function createApplication()
    {
        if ('pgsql' === getenv('DB_CONNECTION')) {
            $name = 'good_rinse_'.(getenv('TEST_TOKEN') ?: '1');
            putenv("DB_NAME=$name");
            $_ENV['DB_NAME'] = $_SERVER['DB_NAME'] = $name;
            PostgresHomeConnection::lock(false);
        }

        return parent::createApplication();
    }

    protected function setUp(): void
    {
        parent::setUp();
        is_dir(storage_path('framework/testing')) || @mkdir(storage_path('framework/testing'), 0o777, true);
        $this->withoutVite();
        $this->withHeader('referer', config()->string('app.url'));
        $this->clock = new HandClock('2026-06-15T09:00:00Z');
        $this->app?->instance(ClockInterface::class, $this->clock);
    }

    /** A page as a browser shows it: where its source breaks a line there is a space, but where somebody typed the break. */
    protected function createTestResponse($response, $request): TestResponse
    {
        if ($response instanceof Response && str_starts_with((string) $response->headers->get('content-type', 'text/html'), 'text/html')) {
            $parts = preg_split(
                '#(<(?:textarea|pre)\b.*?</(?:textarea|pre)>)#s',
                (string) $response->getContent(),
                -1,
                PREG_SPLIT_DELIM_CAPTURE,
            ) ?: [];
            foreach ($parts as $i => $part) {
                $parts[$i] = 0 === $i % 2 ? (string) preg_replace('/\s*\n\s*/', ' ', $part) : $part;
            }
            $response->setContent(implode('', $parts));
        }

        return parent::createTestResponse($response, $request);
    }

    protected function member(?Household $household = null): User
    {
        return User::factory()->create(null === $household ? [] : ['household_id' => $household->id])->refresh();
    }

    /** @param array<string, mixed> $with */
    protected function machineOf(User $user, array $with = []): Machine
    {
        return Machine::factory()->create(['household_id' => $user->household_id] + $with)->refresh();
    }

    protected function ulid(): string
    {
        return (string) Str::ulid();
    }

    protected function startRound(User $user, Machine $machine, ?string $procedure = null): Round
    {
        $this->actingAs($user)->post("/machines/$machine->id/rounds", ['task' => 'filter', 'procedure' => $procedure])->assertRedirect();

        return Round::query()->with('machine')->latest('id')->firstOrFail();
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function tick(Round $round, string $step, ?string $answer = null, array $more = []): TestResponse
    {
        return $this->post(
            "/rounds/$round->id/ticks",
            $more + ['id' => $this->ulid(), 'step' => $step, 'answer' => $answer, 'ended' => '1'],
        );
    }

    /** Does something while the application has another database, and gives the test's own back. */
    protected function onDatabase(string $path, \Closure $do): void
    {
        $before = config('database.default');
        config([
            'database.connections.other' => ['database' => $path, 'busy_timeout' => 50] + (array) config('database.connections.sqlite'),
            'database.default' => 'other',
        ]);
        try {
            $do();
        } finally {
            DB::purge('other');
            config(['database.default' => $before]);
        }
    }

    /**
     * Ticks what comes up until everything is done.
     *
     * @param array<string, string> $answers by capture
     */
    protected function walk(Round $round, array $answers): void
    {
        for ($turn = 0; $turn < 90; ++$turn) {
            $step = $round->load('ticks')->progress()->current();
            if (null === $step) {
                return;
            }
            $answer = null === $step->capture ? null : ($answers[$step->capture->id] ?? $step->capture->options[0]->id ?? '3');
            $this->tick($round, $step->id, $answer)->assertSessionHasNoErrors();
        }
        self::fail('the round never ends');
    }
}
