<?php

declare(strict_types=1);

namespace Tests\Feature\Cupboard;

use App\Care\Cupboard\CupboardReader;
use App\Care\Cupboard\ShoppingLine;
use App\Care\Cupboard\ShoppingListReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Simulation\Dice;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A list that everybody of a household sees, and ticks in the shop with or without a network. */
final class ShoppingListTest extends TestCase
{
    private Household $home;
    private User $ama;
    private User $nils;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->home = Household::factory()->create(['timezone' => 'Europe/Stockholm', 'currency' => '€'])->refresh();
        [$this->ama, $this->nils] = [$this->member($this->home), $this->member($this->home)];
        $this->machine = $this->machineOf($this->ama, ['name' => 'Galley', 'traits' => ['filter' => 'twist-out']]);
        $this->actingAs($this->ama);
    }

    private function line(string $supply): ?ShoppingLine
    {
        foreach (app(ShoppingListReader::class)->of($this->home->refresh())[1] as $line) {
            if ($supply === $line->supply) {
                return $line;
            }
        }

        return null;
    }

    /** @param array<string, string|int> $with */
    private function got(ShoppingLine $line, array $with = []): TestResponse
    {
        return $this->postJson('/cupboard/list/ticks', $with + [
            'id' => $line->tick,
            'supply' => $line->supply,
            'amount' => $line->buy->package->size,
            'unit' => 'ml',
            'count' => $line->buy->count,
        ]);
    }

    private function wish(string $supply, string $what = 'wish'): void
    {
        $this->post('/cupboard', ['id' => $this->ulid(), 'what' => $what, 'supply' => $supply])->assertSessionHasNoErrors();
        $this->clock->move('+1 minute');
    }

    public function test_two_who_tick_the_same_line_buy_it_once_and_taking_it_back_puts_it_on_again(): void
    {
        $this->wish('white-vinegar');
        $line = $this->line('white-vinegar');
        self::assertNotNull($line);
        $this->got($line, ['price' => '1,20'])->assertOk()->assertJson(['warning' => null]);
        $this->actingAs($this->nils);
        $this->got($line, ['price' => '1,90', 'ago' => 600])->assertOk()
            ->assertJson(['warning' => __('places/cupboard.list.someone')]);
        $stock = app(CupboardReader::class)->of($this->home)->stocks['white-vinegar'];
        self::assertSame([1000.0, 1000.0], [$stock->level, $stock->bought]);
        self::assertNull($this->line('white-vinegar'));
        $this->get('/cupboard/list')->assertOk()->assertSee(__('places/cupboard.list.basket'));
        $this->post("/entries/$line->tick/void")->assertRedirect();
        $again = $this->line('white-vinegar');
        self::assertNotNull($again);
        self::assertNotSame($line->tick, $again->tick, 'so that it can be ticked once more');
        $this->clock->move('+1 minute');
        $this->got($again)->assertOk();
        self::assertSame(1000.0, app(CupboardReader::class)->of($this->home)->stocks['white-vinegar']->level);
    }

    /** Two phones, ticks that arrive late and twice, things taken back: what was bought is in the cupboard once. */
    public function test_whatever_two_phones_do_bought_less_used_is_what_is_there(): void
    {
        $dice = new Dice(41);
        $lines = $bought = [];
        for ($i = 0; $i < 60; ++$i) {
            $this->actingAs($dice->uniform() < 0.5 ? $this->ama : $this->nils);
            $supply = ['white-vinegar', 'dish-soap'][$dice->between(0, 1)];
            $this->clock->move('+1 minute');
            $what = $dice->between(0, 5);
            if ($what < 2) {
                $this->wish($supply);
            } elseif ($what < 4) {
                $line = $this->line($supply) ?? $lines[$supply][0] ?? null;
                if (null !== $line) {
                    $lines[$supply][] = $line;
                    $fresh = null === $this->got($line, ['amount' => 500, 'count' => 1])->assertOk()->json('warning');
                    $bought += $fresh ? [$line->tick => $supply] : [];
                }
            } elseif ([] !== $bought) {
                $id = array_keys($bought)[$dice->between(0, count($bought) - 1)];
                $this->post("/entries/$id/void");
                unset($bought[$id]);
            }
            $stocks = app(CupboardReader::class)->of($this->home->refresh())->stocks;
            foreach (['white-vinegar', 'dish-soap'] as $each) {
                $stock = $stocks[$each];
                self::assertEqualsWithDelta(500.0 * count(array_keys($bought, $each, true)), $stock->bought, 1e-6, "turn $i");
                $left = $stock->bought + $stock->found - $stock->used - $stock->gone - $stock->lost;
                self::assertEqualsWithDelta($left, $stock->level, 1e-6);
            }
        }
        self::assertGreaterThan(3, count($lines['white-vinegar'] ?? []) + count($lines['dish-soap'] ?? []));
    }

    public function test_what_is_wanted_stays_on_the_list_until_it_is_bought_and_can_be_left_off(): void
    {
        $this->post('/cupboard/supplies', ['id' => $this->ulid(), 'name' => 'Brush heads', 'wish' => '1'])
            ->assertRedirect('/cupboard/list');
        $own = Supply::ownId('Brush heads');
        self::assertSame(1, $this->line($own)?->buy->count);
        $this->post('/cupboard/supplies', ['id' => $this->ulid(), 'name' => 'White VINEGAR', 'wish' => '1'])->assertRedirect();
        self::assertNotNull($this->line('white-vinegar'), 'what the handbook knows is not added again');
        self::assertSame(1, $this->home->supplies()->count());
        $this->get('/cupboard/list')->assertOk()->assertSee('Brush heads');
        self::assertStringContainsString('Brush heads', (string) $this->get('/cupboard/list.txt')->assertOk()->getContent());
        self::assertStringContainsString('white-vinegar,', (string) $this->get('/cupboard/list.csv')->assertOk()->getContent());
        $this->wish($own, 'unwish');
        self::assertNull($this->line($own));
        $this->actingAs($this->member())->delete('/cupboard/supplies', ['supply' => $own])->assertSessionHasErrors('supply');
        self::assertSame(1, $this->home->supplies()->count(), 'nobody else takes it out');
        $this->actingAs($this->ama)->delete('/cupboard/supplies', ['supply' => $own])->assertSessionHasNoErrors();
        self::assertArrayNotHasKey($own, app(CupboardReader::class)->of($this->home->refresh())->stocks);
        $this->get('/cupboard')->assertOk()->assertDontSee('Brush heads');
        $this->get('/logbook')->assertOk()->assertSee('Brush heads');
    }

    public function test_a_part_that_is_to_be_ordered_is_on_the_list_with_its_number_until_it_is_ordered_or_there(): void
    {
        $need = fn (string $stage) => $this->post("/machines/{$this->machine->id}/parts/needed", [
            'id' => $this->ulid(), 'part' => 'seal', 'stage' => $stage, 'number' => 'DS-440',
        ])->assertSessionHasNoErrors();
        $need('to-order');
        $id = Supply::partId($this->machine->id, 'seal');
        $line = $this->line($id);
        self::assertNotNull($line);
        $this->get('/cupboard/list')->assertOk()->assertSee('DS-440');
        $this->clock->move('+1 minute');
        $need('ordered');
        self::assertNull($this->line($id));
        $this->clock->move('+1 minute');
        $need('to-order');
        $this->got($line, ['unit' => 'pieces', 'price' => '18'])->assertOk();
        self::assertNull($this->line($id), 'it is in the house');
        $this->clock->move('+1 minute');
        $this->post("/machines/{$this->machine->id}/parts/fitted", ['id' => $this->ulid(), 'part' => 'seal'])->assertSessionHasNoErrors();
        self::assertSame(0.0, app(CupboardReader::class)->of($this->home)->stocks[$id]->level, 'and went into the machine');
    }

    public function test_nothing_of_another_household_can_be_bought_wanted_or_seen(): void
    {
        $this->wish('white-vinegar');
        $line = $this->line('white-vinegar');
        self::assertNotNull($line);
        $stranger = $this->member();
        $this->actingAs($stranger);
        $part = Supply::partId($this->machine->id, 'seal');
        foreach ([$part, 'own.Brush heads', 'tool.sword', 'gold'] as $foreign) {
            $this->postJson('/cupboard/list/ticks', [
                'id' => $this->ulid(), 'supply' => $foreign, 'amount' => 1, 'unit' => 'pieces',
            ])->assertUnprocessable();
            $this->post('/cupboard', ['id' => $this->ulid(), 'what' => 'wish', 'supply' => $foreign])->assertSessionHasErrors('supply');
            $this->put('/cupboard/supplies', ['supply' => $foreign, 'place' => 'Attic'])->assertSessionHasErrors('supply');
        }
        $this->got($line)->assertOk();
        $this->got($line)->assertOk()->assertJson(['warning' => __('places/cupboard.list.someone')]);
        self::assertSame($stranger->household_id, Entry::query()->findOrFail($line->tick)->household_id);
        $this->actingAs($this->ama);
        $this->got($line)->assertOk()->assertJson(['warning' => null]);
        $level = app(CupboardReader::class)->of($this->home)->stocks['white-vinegar']->level;
        self::assertSame(1000.0, $level, 'nobody else takes the number away');
        $this->actingAs($stranger);
        $this->put('/cupboard/costs', ['machine' => $this->machine->id, 'price' => 1, 'lasts' => 1, 'left' => 1])->assertNotFound();
        self::assertStringNotContainsString('Galley', (string) $this->get('/cupboard/tables/costs.csv')->getContent());
    }

    public function test_the_calendar_has_what_is_to_be_bought_as_a_to_do(): void
    {
        $this->wish('white-vinegar');
        $this->post('/feeds')->assertRedirect('/reminders');
        $address = session('feed');
        self::assertIsString($address);
        $path = (string) parse_url($address, PHP_URL_PATH);
        $this->get($path)->assertOk()->assertSee('VTODO')->assertSee('-buy@good-rinse');
        $line = $this->line('white-vinegar');
        self::assertNotNull($line);
        $this->clock->move('+1 minute');
        $this->got($line)->assertOk();
        $this->get($path)->assertOk()->assertDontSee('-buy@good-rinse');
    }
}
