<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use Tests\TestCase;

/** A part's way from worn to fitted. */
final class PartsTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, ['name' => 'Galley', 'traits' => ['tub' => 'stainless', 'filter' => 'twist-out']]);
        $this->actingAs($this->user);
    }

    private function need(string $stage, string $part = 'seal', string $number = '', string $note = ''): string
    {
        $id = $this->ulid();
        $this->post(
            "/machines/{$this->machine->id}/parts/needed",
            ['id' => $id, 'part' => $part, 'stage' => $stage, 'number' => $number, 'note' => $note],
        )->assertRedirect("/machines/{$this->machine->id}/parts")->assertSessionHasNoErrors();

        return $id;
    }

    public function test_a_worn_part_waits_until_a_new_one_is_fitted(): void
    {
        $this->get("/machines/{$this->machine->id}/parts?part=seal")->assertOk()
            ->assertSee(__('views/machines/parts.no_part_waits_for_a_new'))
            ->assertSee('value="seal" selected', false);
        $this->need('worn', note: 'torn at the corner');
        $this->get('/')->assertSee(__('views/components/care/part-needs.parts_needed'))->assertSeeInOrder(['Door seal', 'Galley, worn']);
        $this->get("/machines/{$this->machine->id}")->assertSee(__('views/components/care/part-needs.parts_needed'));
        $this->need('to-order');
        $this->need('ordered', number: 'DR-204');
        $this->get("/machines/{$this->machine->id}/parts")
            ->assertSee('Ordered on')
            ->assertSee('number DR-204')
            ->assertSee('torn at the corner')
            ->assertDontSee(__('machines.need_do.ordered'));
        $this->get('/')->assertSee(__('machines.need_short.ordered'));

        $fitted = $this->ulid();
        $this->post("/machines/{$this->machine->id}/parts/fitted", ['id' => $fitted, 'part' => 'seal', 'price' => '19.5'])
            ->assertSessionHasNoErrors();
        $this->get("/machines/{$this->machine->id}/parts")
            ->assertSee(__('views/machines/parts.no_part_waits_for_a_new'))
            ->assertSee('New part fitted: Door seal, for 19.50 in your currency');
        $this->get('/')->assertDontSee(__('views/components/care/part-needs.parts_needed'));
        $this->get('/logbook')->assertSee('Door seal is ordered, number DR-204');

        $this->post("/entries/$fitted/void");
        $this->get('/')->assertSee(__('views/components/care/part-needs.parts_needed'));
    }

    public function test_sending_it_twice_writes_once_and_nonsense_is_refused(): void
    {
        $id = $this->ulid();
        foreach ([1, 2] as $try) {
            $this->post("/machines/{$this->machine->id}/parts/needed", ['id' => $id, 'part' => 'seal', 'stage' => 'worn'])
                ->assertRedirect();
        }
        self::assertSame(1, Entry::query()->count());
        foreach ([['wing', 'worn'], ['seal', 'eaten'], ['salt', 'worn']] as [$part, $stage]) {
            $bad = ['part' => $part, 'stage' => $stage];
            $this->from('/')->post("/machines/{$this->machine->id}/parts/needed", ['id' => $this->ulid()] + $bad)->assertSessionHasErrors();
        }
        $this->post("/machines/{$this->machine->id}/parts/fitted", ['id' => $this->ulid(), 'part' => 'seal', 'price' => '-3'])
            ->assertSessionHasErrors('price');
        self::assertSame(1, Entry::query()->count());
    }

    public function test_what_the_label_says_stands_where_parts_are_ordered(): void
    {
        $this->put("/machines/{$this->machine->id}", [
            'name' => 'Galley', 'model' => 'XQ-12', 'serial' => '0042', 'bought_on' => '2025-03-01', 'warranty_until' => '2027-03-01',
        ])->assertSessionHasNoErrors();
        $this->get("/machines/{$this->machine->id}/parts")->assertSeeInOrder(['XQ-12', '0042', '1 March 2025', '1 March 2027']);
        $this->from('/')->put("/machines/{$this->machine->id}", ['name' => 'Galley', 'bought_on' => 'yesterday'])
            ->assertSessionHasErrors('bought_on');
    }

    public function test_a_part_that_a_round_fitted_waits_no_longer(): void
    {
        $brewer = $this->machineOf($this->user, ['kind' => 'pod-brewer', 'name' => 'Pods', 'traits' => ['cartridge' => 'cartridge']]);
        $this->post("/machines/$brewer->id/parts/needed", ['id' => $this->ulid(), 'part' => 'cartridge', 'stage' => 'to-order']);
        $this->get('/')->assertSee(__('views/components/care/part-needs.parts_needed'));
        $round = $this->startRound($this->user, $brewer, 'water-filter');
        $this->get("/rounds/$round->id")->assertOk();
        $this->walk($round, []);
        $this->get('/')->assertDontSee(__('views/components/care/part-needs.parts_needed'));
    }
}
