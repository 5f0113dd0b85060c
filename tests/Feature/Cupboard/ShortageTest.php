<?php

declare(strict_types=1);

namespace Tests\Feature\Cupboard;

use App\Care\Cupboard\CupboardReader;
use App\Care\Cupboard\Shortage;
use App\Care\Cupboard\ShortageReader;
use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use App\View\Pages\Cupboard\CupboardPage;
use App\View\Words\FreshnessWords;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use Tests\TestCase;

/** What is missing for the jobs of the next days, told before they are due; and how supplies are kept. */
final class ShortageTest extends TestCase
{
    private Household $home;
    private User $user;
    private Machine $brewer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->home = Household::factory()->create(['timezone' => 'Europe/Stockholm', 'hardness' => 19])->refresh();
        $this->user = $this->member($this->home);
        $this->brewer = $this->machineOf($this->user, ['name' => 'Pot', 'kind' => 'drip-brewer', 'traits' => []]);
        $this->actingAs($this->user);
    }

    /** @return array<string, Shortage> by supply */
    private function shortages(): array
    {
        $home = $this->home->refresh();
        $all = app(ShortageReader::class)->of($home, app(CareReader::class)->household($home));

        return array_combine(array_map(static fn (Shortage $shortage): string => $shortage->supply->id, $all), $all);
    }

    private function write(string $what, string $supply, float $amount, string $unit, ?string $on = null): void
    {
        $this->post('/cupboard', [
            'id' => $this->ulid(), 'what' => $what, 'supply' => $supply, 'amount' => $amount, 'unit' => $unit, 'on' => $on,
        ])->assertSessionHasNoErrors();
        $this->clock->move('+1 minute');
    }

    public function test_today_says_what_is_missing_and_what_else_would_do_and_nothing_where_nobody_has_looked(): void
    {
        $this->post("/machines/{$this->brewer->id}/openings", [
            'id' => $this->ulid(), 'task' => 'descale', 'on' => '2026-03-01', 'found' => 'lime-slower', 'left' => 'lime-none',
        ])->assertSessionHasNoErrors();
        $this->clock->move('+1 minute');
        self::assertSame([], $this->shortages(), 'nobody has said how much there is of anything');
        $this->write('left', 'white-vinegar', 100, 'ml');
        $short = $this->shortages()['white-vinegar'] ?? null;
        self::assertNotNull($short);
        self::assertGreaterThan(100.0, $short->run->need);
        self::assertLessThanOrEqual(100.0, $short->run->left);
        self::assertTrue($short->isListed);
        self::assertArrayHasKey('citric-acid', $short->instead);
        self::assertFalse($short->instead['citric-acid'][1]);
        $this->get('/')->assertOk()->assertSee(__('places/cupboard.today.title'));
        $this->write('bought', 'citric-acid', 500, 'g');
        self::assertTrue($this->shortages()['white-vinegar']->instead['citric-acid'][1], 'there is enough of it');
        $this->write('bought', 'white-vinegar', 5000, 'ml');
        self::assertSame([], $this->shortages());
        $this->get('/')->assertOk()->assertDontSee(__('places/cupboard.today.title'));
    }

    public function test_a_tool_counts_as_there_until_somebody_says_otherwise(): void
    {
        $tool = Supply::ofTool('coffee-filter')->id;
        $cupboard = app(CupboardReader::class)->of($this->home);
        self::assertNull($cupboard->buy($tool));
        $this->write('left', $tool, 0, 'pieces');
        $cupboard = app(CupboardReader::class)->of($this->home->refresh());
        self::assertNotNull($cupboard->runsOut($tool));
        $this->get('/cupboard')->assertOk();
        $this->write('bought', $tool, 1, 'pieces');
        self::assertNull(app(CupboardReader::class)->of($this->home->refresh())->buy($tool));
    }

    public function test_bleach_and_acid_never_stand_on_one_shelf_and_each_place_has_its_own(): void
    {
        foreach (['chlorine-bleach', 'white-vinegar', 'citric-acid', 'baking-soda'] as $supply) {
            $this->write('bought', $supply, 500, 'chlorine-bleach' === $supply || 'white-vinegar' === $supply ? 'ml' : 'g');
        }
        $places = app(CupboardPage::class)->for($this->home->refresh())->places;
        self::assertCount(1, $places);
        foreach ($places[0]->shelves as [$label, $lines]) {
            $ids = array_map(static fn ($line): string => $line->id, $lines);
            if (in_array('chlorine-bleach', $ids, true)) {
                self::assertSame(['chlorine-bleach'], $ids);
                self::assertNotSame('', $label);
            }
        }
        $this->put('/cupboard/supplies', ['supply' => 'chlorine-bleach', 'place' => 'Cellar'])->assertSessionHasNoErrors();
        $places = app(CupboardPage::class)->for($this->home->refresh())->places;
        self::assertSame([__('places/cupboard.kitchen'), 'Cellar'], array_map(static fn ($place): string => $place->name, $places));
    }

    public function test_what_is_used_beside_the_jobs_is_taken_off_by_itself(): void
    {
        $this->write('bought', 'rinse-aid', 500, 'ml');
        $this->put('/cupboard/supplies', ['supply' => 'rinse-aid', 'beside_amount' => '10,5', 'beside_days' => '7'])
            ->assertSessionHasNoErrors();
        $this->clock->move('+15 days');
        $cupboard = app(CupboardReader::class)->of($this->home->refresh());
        self::assertSame(479.0, $cupboard->stocks['rinse-aid']->level);
        self::assertGreaterThan(500.0, $cupboard->forecast('rinse-aid')->need());
        self::assertNotNull($cupboard->runsOut('rinse-aid'));
        $this->put('/cupboard/supplies', ['supply' => 'rinse-aid', 'beside_amount' => '5'])->assertSessionHasErrors('beside_days');
        $this->put('/cupboard/supplies', ['supply' => 'rinse-aid', 'beside_amount' => '-5', 'beside_days' => '0'])
            ->assertSessionHasErrors(['beside_amount', 'beside_days']);
    }

    public function test_what_is_old_is_told_before_it_is_poured(): void
    {
        $this->write('bought', 'chlorine-bleach', 1000, 'ml', '2026-01-02');
        $this->clock->set('2026-08-01 10:00');
        $warnings = app(FreshnessWords::class)->warnings($this->home, ['chlorine-bleach', 'white-vinegar']);
        self::assertSame(['chlorine-bleach'], array_keys($warnings));
        $machine = $this->machineOf($this->user, ['traits' => ['filter' => 'twist-out']]);
        $this->get("/machines/$machine->id/vessels/tub/pour")->assertOk()->assertSee($warnings['chlorine-bleach']);
    }
}
