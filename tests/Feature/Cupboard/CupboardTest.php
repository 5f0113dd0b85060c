<?php

declare(strict_types=1);

namespace Tests\Feature\Cupboard;

use App\Care\Cupboard\Cupboard;
use App\Care\Cupboard\CupboardReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use Tests\TestCase;

/** What is bought, poured, seen and taken back, and what that leaves in the cupboard. */
final class CupboardTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(Household::factory()->create(['timezone' => 'Europe/Stockholm'])->refresh());
        $this->machine = $this->machineOf($this->user, ['name' => 'Galley', 'traits' => ['filter' => 'twist-out']]);
        $this->actingAs($this->user);
    }

    /** @param array<string, string> $more */
    private function write(string $what, string $amount, array $more = []): string
    {
        $id = $this->ulid();
        $this->post('/cupboard', $more + [
            'id' => $id, 'what' => $what, 'supply' => 'white-vinegar', 'amount' => $amount, 'unit' => 'ml',
        ])->assertSessionHasNoErrors()->assertRedirect('/cupboard');
        $this->clock->move('+1 minute');

        return $id;
    }

    private function cupboard(): Cupboard
    {
        return app(CupboardReader::class)->of($this->user->home()->refresh());
    }

    private function level(): float
    {
        return $this->cupboard()->stocks['white-vinegar']->level;
    }

    public function test_a_pour_takes_from_what_was_bought_and_taking_it_back_gives_it_back(): void
    {
        $bought = $this->write('bought', '1000', ['count' => '2', 'price' => '3,50', 'shop' => 'Corner shop']);
        $this->post("/machines/{$this->machine->id}/vessels/tub/pour", [
            'id' => $poured = $this->ulid(), 'agent' => 'white-vinegar', 'amount' => '240', 'unit' => 'ml',
        ])->assertRedirect();
        self::assertSame(1760.0, $this->level());
        $this->post('/entries/'.mb_strtoupper($poured).'/void')->assertRedirect();
        self::assertSame(2000.0, $this->level());
        $this->clock->move('+1 minute');
        $this->write('gone', '500');
        $this->write('left', '900');
        $stock = $this->cupboard()->stocks['white-vinegar'];
        self::assertSame([900.0, 600.0, 500.0], [$stock->level, $stock->lost, $stock->gone]);
        self::assertSame(1.75, $this->cupboard()->packages['white-vinegar'][0]->price);
        $this->post('/entries/'.mb_strtoupper($bought).'/void')->assertRedirect();
        self::assertSame(900.0, $this->level(), 'what was seen stays true');
        $this->get('/logbook')->assertOk()->assertSee('Corner shop', false);
    }

    public function test_what_is_needed_is_known_without_a_single_purchase(): void
    {
        $this->post("/machines/{$this->machine->id}/openings", [
            'id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-05-01', 'found' => 'heavy', 'left' => 'clear',
        ])->assertSessionHasNoErrors();
        $cupboard = $this->cupboard();
        self::assertGreaterThan(0.0, $cupboard->forecast('dish-soap')->need());
        self::assertFalse($cupboard->stocks['dish-soap']->isKnown());
        self::assertNotNull($cupboard->runsOut('dish-soap'));
        $this->get('/cupboard')->assertOk()->assertSee(__('places/cupboard.to_look'));
        $this->write('bought', '20', ['supply' => 'dish-soap']);
        $first = $this->cupboard()->runsOut('dish-soap');
        self::assertNotNull($first);
        self::assertGreaterThanOrEqual(1, $first->jobs);
        $this->get('/cupboard')->assertOk()->assertSee(__('places/cupboard.short'));
    }

    public function test_bad_input_is_refused_and_the_same_sent_twice_counts_once(): void
    {
        $send = fn (array $with) => $this->post('/cupboard', $with + [
            'id' => $this->ulid(), 'what' => 'bought', 'supply' => 'white-vinegar', 'amount' => '500', 'unit' => 'ml',
        ]);
        foreach ([
            ['amount' => '0'], ['amount' => '-5'], ['amount' => 'much'], ['count' => '0'], ['price' => '-1'], ['supply' => 'gold'],
            ['unit' => 'barrel'], ['on' => '2027-01-01'], ['unit' => 'pieces'], ['what' => 'stolen'],
        ] as $bad) {
            $send($bad)->assertSessionHasErrors();
        }
        self::assertSame(0, Entry::query()->count());
        $this->from('/cupboard')->followingRedirects()->post('/cupboard', [
            'id' => $this->ulid(), 'what' => 'gone', 'supply' => 'white-vinegar', 'amount' => 'a lot', 'unit' => 'ml',
            'shop' => 'Mill Lane',
        ])->assertOk()->assertSee('value="a lot"', false)->assertSee('Mill Lane')->assertSee('aria-invalid="true"', false);
        $this->get('/cupboard')->assertOk()->assertDontSee('Mill Lane');
        $id = $this->ulid();
        $send(['id' => $id])->assertSessionHasNoErrors();
        $send(['id' => $id])->assertSessionHasNoErrors();
        self::assertSame(500.0, $this->level());
        $send(['what' => 'left', 'amount' => '0'])->assertSessionHasNoErrors();
        self::assertSame(0.0, $this->level());
        $this->actingAs($this->member())->get('/cupboard')->assertOk()->assertSee(__('places/cupboard.head_none'));
    }
}
