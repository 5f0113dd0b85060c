<?php

declare(strict_types=1);

namespace Tests\Feature\Today;

use App\Models\Machine;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Today's page is kept while nothing changes; what belongs to one visit is not. */
final class BodyCacheTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $user = $this->member();
        $this->machineOf($user);
        $this->actingAs($user);
    }

    private function queries(): int
    {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->get('/')->assertOk()->assertSee('today__aside', false);

        return count(DB::getQueryLog());
    }

    /** @return list<string> values of its hidden fields of that name */
    private function fields(string $name): array
    {
        preg_match_all("/name=\"$name\" value=\"([^\"]*)\"/", (string) $this->get('/')->getContent(), $found);

        return $found[1];
    }

    public function test_a_second_visit_asks_only_whether_anything_changed(): void
    {
        $this->queries();
        self::assertLessThanOrEqual(4, $this->queries());
    }

    public function test_every_visit_has_forms_of_its_own(): void
    {
        [$before, $after] = [$this->fields('id'), $this->fields('id')];
        self::assertNotEmpty($before);
        self::assertCount(count($before), array_unique($before));
        self::assertSame([], array_intersect($before, $after));
        $tokens = array_unique($this->fields('_token'));
        session()->regenerateToken();
        $others = array_unique($this->fields('_token'));
        self::assertCount(1, $tokens);
        self::assertCount(1, $others);
        self::assertSame([csrf_token()], $others);
    }

    public function test_the_hour_it_ends_goes_with_the_clock(): void
    {
        $machine = Machine::query()->firstOrFail();
        foreach (['filter', 'seal'] as $task) {
            $this->post("/machines/$machine->id/openings", [
                'id' => $this->ulid(),
                'task' => $task,
                'on' => $this->clock->now()->modify('-300 days')->format('Y-m-d'),
                'found' => 'clear',
                'left' => 'clear',
            ]);
        }
        preg_match('/all is done at <strong><time[^>]*>(\d\d:\d\d)</', (string) $this->get('/')->getContent(), $before);
        $this->clock->move('+7 minutes');
        $after = (new \DateTimeImmutable($before[1]))->modify('+7 minutes')->format('H:i');
        $this->get('/')->assertSee(">$after<", false);
    }

    public function test_what_somebody_named_so_is_no_token(): void
    {
        $this->get('/');
        DB::table('machines')->update(['name' => 'value="@token" <time data-after="60">']);
        $this->get('/')->assertSee('value="@token" <time data-after="60">');
        $this->get('/')->assertSee('value="@token" <time data-after="60">');
    }
}
