<?php

declare(strict_types=1);

namespace Tests\Feature\Cupboard;

use App\Care\Cupboard\CostReader;
use App\Care\Cupboard\CupboardReader;
use App\Care\Readers\CareReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Trace;
use App\Models\User;
use App\View\Pages\Cupboard\CostPage;
use GoodRinse\Core\Cupboard\Cost\CostKind;
use GoodRinse\Core\Cupboard\Cost\CostTotal;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

/** What care costs: out of what was bought, poured, fitted and paid for. */
final class CostsTest extends TestCase
{
    private Household $home;
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->home = Household::factory()->create(['timezone' => 'Europe/Stockholm', 'currency' => '€', 'call_fee' => 100])->refresh();
        $this->user = $this->member($this->home);
        $this->machine = $this->machineOf($this->user, ['name' => 'Galley', 'traits' => ['filter' => 'twist-out']]);
        $this->actingAs($this->user);
        config(['good-rinse.photos' => storage_path('framework/testing/'.uniqid('receipts'))]);
    }

    /** @return array<string, float> money by kind */
    private function sums(): array
    {
        $home = $this->home->refresh();

        return CostTotal::of(app(CostReader::class)->of($home, app(CareReader::class)->household($home))->costs)->byKind;
    }

    private function buy(string $price, ?string $on = null): string
    {
        $id = $this->ulid();
        $this->post('/cupboard', [
            'id' => $id, 'what' => 'bought', 'supply' => 'white-vinegar', 'amount' => '1000', 'unit' => 'ml', 'price' => $price,
            'on' => $on,
        ])->assertSessionHasNoErrors();
        $this->clock->move('+1 minute');

        return $id;
    }

    private function pour(float $ml): string
    {
        $id = $this->ulid();
        $this->post("/machines/{$this->machine->id}/vessels/tub/pour", [
            'id' => $id, 'agent' => 'white-vinegar', 'amount' => $ml, 'unit' => 'ml',
        ])->assertRedirect();
        $this->clock->move('+1 minute');

        return $id;
    }

    public function test_what_is_poured_counts_at_its_price_and_undone_it_does_not(): void
    {
        $this->buy('2,00');
        $poured = $this->pour(250);
        self::assertSame([CostKind::Supplies->value => 0.5], $this->sums());
        $this->get('/cupboard/costs')->assertOk()->assertSee('0.50');
        $this->post('/entries/'.mb_strtoupper($poured).'/void')->assertRedirect();
        self::assertSame([], $this->sums());
        $this->home->update(['currency' => 'kr']);
        $this->clock->move('+1 minute');
        $this->pour(250);
        self::assertSame([], $this->sums(), 'euros are not crowns');
        $data = app(CostPage::class)->for($this->home->refresh());
        self::assertNotSame('', $data->years[0]->unpriced);
        self::assertNotSame([], $data->notes);
        self::assertSame('', $data->bought, 'nor are they what was bought in crowns');
    }

    public function test_parts_calls_and_what_was_saved_are_there_with_their_arithmetic(): void
    {
        $this->post("/machines/{$this->machine->id}/parts/fitted", ['id' => $this->ulid(), 'part' => 'seal', 'price' => '24.5'])
            ->assertSessionHasNoErrors();
        $trace = fn (string $how, ?float $cost): Trace => Trace::query()->create([
            'household_id' => $this->home->id, 'machine_id' => $this->machine->id,
            'symptoms' => [['symptom' => 'upper-dirty', 'entry' => '']],
            'steps' => [], 'begun_at' => '2026-05-01 10:00:00', 'ended_at' => '2026-05-02 10:00:00', 'ended_how' => $how, 'cost' => $cost,
        ]);
        $trace(Trace::CALLED, 95.0);
        $trace(Trace::FIXED, null);
        $trace(Trace::FIXED, null)->update(['held' => false]);
        self::assertSame([CostKind::Calls->value => 95.0, CostKind::Parts->value => 24.5], collect($this->sums())->sortKeys()->all());
        $home = $this->home->refresh();
        $saving = app(CostReader::class)->of($home, app(CareReader::class)->household($home))->saving;
        self::assertSame([1, 100.0, 50.0], [$saving->fixes, $saving->most(), $saving->least()], 'what did not hold saved nothing');
        $this->put('/cupboard/costs', ['machine' => $this->machine->id, 'price' => '600', 'lasts' => '8', 'left' => '3,0'])
            ->assertSessionHasNoErrors();
        $worth = app(CostPage::class)->for($home)->machines[0];
        self::assertStringContainsString('225', implode(' ', $worth->sentences));
        self::assertStringContainsString('119.50', $worth->facts);
        $this->put('/cupboard/costs', ['machine' => $this->machine->id, 'price' => '600'])->assertSessionHasErrors(['lasts', 'left']);
        $this->put('/cupboard/costs', ['machine' => $this->machine->id, 'price' => '', 'lasts' => '', 'left' => ''])
            ->assertSessionHasNoErrors();
        self::assertNull($this->machine->refresh()->worth);
    }

    public function test_runs_and_time_count_only_when_somebody_wants_that(): void
    {
        $round = $this->startRound($this->user, $this->machine, 'filter-clean');
        $this->walk($round, []);
        $this->post("/rounds/$round->id/end", ['how' => 'finished', 'knows' => '1'])->assertRedirect();
        self::assertArrayNotHasKey(CostKind::Runs->value, $this->sums());
        self::assertArrayNotHasKey(CostKind::Time->value, $this->sums());
        $this->put('/cupboard/costs', ['water_price' => '4,2', 'power_price' => '0,31', 'counts_time' => '1'])->assertSessionHasNoErrors();
        self::assertGreaterThan(0.0, $this->sums()[CostKind::Time->value] ?? 0.0);
        $this->put('/cupboard/costs', ['water_price' => '-1', 'power_price' => 'much'])
            ->assertSessionHasErrors(['water_price', 'power_price']);
    }

    public function test_a_receipt_is_kept_with_its_purchase_and_seen_by_its_household_only(): void
    {
        $id = $this->ulid();
        $this->post('/cupboard', [
            'id' => $id, 'what' => 'bought', 'supply' => 'white-vinegar', 'amount' => '1000', 'unit' => 'ml', 'price' => '1',
            'photo' => UploadedFile::fake()->image('receipt.jpg', 300, 400),
        ])->assertSessionHasNoErrors();
        $photo = Photo::query()->sole();
        self::assertSame($id, $photo->entry_id);
        $this->get('/cupboard/costs')->assertOk()->assertSee("/photos/$photo->id");
        $this->get("/photos/$photo->id")->assertOk();
        $this->actingAs($this->member())->get("/photos/$photo->id")->assertNotFound();
    }

    public function test_a_table_of_purchases_comes_in_once_and_says_what_it_cannot_use(): void
    {
        $table = "date;what;package;unit;count;price;shop\n2026-01-05;White vinegar;1;l;2;3,50;Mill Lane\n"
            ."2026-01-05;White vinegar;1;l;2;3,50;Mill Lane\n2026-02-11;baking soda;500;ml;;;\n2026-02-11;gold;1;g;;;\n"
            ."2026-02-11;dish soap;3;pieces;;;\n2026-02-11;dish soap;0;ml;;;\n2099-01-01;dish soap;5;ml;;;\n"
            ."2026-02-11;dish soap;5;ml;0;1;\n";
        $this->post('/cupboard/tables', ['table' => $table])->assertOk()->assertSee('gold');
        self::assertSame(0, Entry::query()->count(), 'looking writes nothing');
        for ($i = 0; $i < 2; ++$i) {
            $this->post('/cupboard/tables', ['table' => $table, 'sure' => '1'])->assertRedirect('/cupboard');
            self::assertSame(3, Entry::query()->count(), 'the same line twice is two purchases, the same table twice is one');
        }
        $csv = (string) $this->get('/cupboard/tables/purchases.csv')->assertOk()->getContent();
        $this->post('/cupboard/tables', ['table' => $csv, 'sure' => '1'])->assertRedirect('/cupboard');
        self::assertSame(3, Entry::query()->count(), 'what was taken out here is known');
        $stock = (string) $this->get('/cupboard/tables/stock.csv')->assertOk()->assertSee('white-vinegar')->getContent();
        $counted = (string) preg_replace('/^(white-vinegar,[^,]*,ml),[^,]*/m', '$1,1250', $stock);
        for ($i = 0; $i < 2; ++$i) {
            $this->clock->move('+1 minute');
            $this->post('/cupboard/tables', ['table' => $counted, 'sure' => '1'])->assertRedirect('/cupboard');
        }
        $level = app(CupboardReader::class)->of($this->home->refresh())->stocks['white-vinegar']->level;
        self::assertSame(1250.0, $level, 'what was counted by hand comes back in');
        $this->get('/cupboard/tables/secrets.csv')->assertNotFound();
        $long = "date,what\n".str_repeat("2026-01-05,dish soap\n", 10000);
        $this->post('/cupboard/tables', ['table' => $long])->assertOk()->assertSee(__('exchange.purchases.cut', ['count' => 4999]));
    }
}
