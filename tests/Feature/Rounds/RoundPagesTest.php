<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Models\Household;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Quantity\Measures;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every step of every procedure, on every kind of filter, as the page shows it. */
final class RoundPagesTest extends TestCase
{
    /** @return iterable<string, array{string, string|null, string, string}> filter, procedure, found, what stays on */
    public static function rounds(): iterable
    {
        foreach (['twist-out', 'flat-plate'] as $filter) {
            foreach ([['clear', 'leave'], ['patchy', 'crust'], ['clogged', 'slime'], ['film', 'leave']] as [$found, $residue]) {
                yield "clean, $filter, $found, $residue" => [$filter, 'filter-clean', $found, $residue];
            }
        }
        foreach (['twist-out', 'flat-plate'] as $filter) {
            yield "look, $filter" => [$filter, 'look-and-wipe', 'heavy', 'leave'];
        }
        foreach (['sealed', 'none'] as $filter) {
            yield "look, $filter" => [$filter, 'mouth-clean', 'well-covered', 'leave'];
        }
    }

    #[DataProvider('rounds')]
    public function test_each_step_has_its_words_amounts_cautions_and_way_back(
        string $filter,
        string $procedure,
        string $found,
        string $residue,
    ): void {
        $household = Household::factory()->create(['measures' => Measures::UnitedStates])->refresh();
        $user = $this->member($household);
        $machine = $this->machineOf($user, ['traits' => ['tub' => 'plastic', 'filter' => $filter, 'arms' => 'one']]);
        $round = $this->startRound($user, $machine, $procedure);
        $before = null;
        $seen = [];
        while (null !== $step = $round->load('ticks')->progress()->current()) {
            $page = $this->get("/rounds/$round->id")->assertOk();
            $page->assertSee($step->title)->assertSee($step->instruction)->assertSee($machine->name);
            foreach ($step->cautions as $caution) {
                $page->assertSee($round->handbook()->caution($caution)->title);
            }
            foreach ($step->amounts as $amount) {
                $page->assertSee($amount->portion->inKitchen(Measures::UnitedStates).' '.$round->handbook()->agent($amount->agent)->name);
            }
            foreach ($step->capture->options ?? [] as $option) {
                $page->assertSee("value=\"$option->id\"", false);
            }
            null === $before ? $page->assertDontSee(__('views/rounds/show.back')) : $page->assertSee("step=$before->id", false);
            $this->tick($round, $step->id, match (true) {
                null === $step->capture => null,
                in_array($step->capture->id, ['found', 'mouth'], true) => $found,
                CaptureKind::Grade === $step->capture->kind => $step->capture->options['clear' === $found ? 0 : 1]->id,
                default => $step->capture->options[0]->id,
            }, 'light-again' === $step->id ? ['also' => $residue] : [])->assertSessionHasNoErrors();
            $seen[] = $step->id;
            $before = $step;
        }
        $this->get("/rounds/$round->id")->assertOk()->assertSee(__('views/rounds/show.everything_is_done', ['what' => '']));
        foreach ($seen as $id) {
            $this->get("/rounds/$round->id?step=$id")->assertOk();
        }
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertOk()->assertSee(__('rounds.done_headline'));
        $this->get('/logbook')->assertOk();
        self::assertSame('crust' === $residue, in_array('crust-soak', $seen, true));
        self::assertSame('slime' === $residue, in_array('slime-brush', $seen, true));
        self::assertSame('clear' === $found, !in_array('light-again', $seen, true) && !in_array('look-again', $seen, true));
    }

    public function test_a_second_person_goes_on_where_the_first_left_off(): void
    {
        $ama = $this->member();
        $nils = $this->member($ama->home());
        $machine = $this->machineOf($ama);
        $round = $this->startRound($ama, $machine);
        $this->tick($round, 'kit');
        $this->actingAs($nils)->get('/')->assertSee(__('views/machines/show.a_round_is_under_way'))->assertSee('power off');
        $this->tick($round, 'power-off')->assertSessionHasNoErrors();
        $this->actingAs($ama)->get("/rounds/$round->id")->assertSee('Lift the lower rack out.');
        self::assertSame([$ama->id, $nils->id], $round->ticks()->pluck('made_by')->all());
    }

    public function test_the_household_clock_decides_which_day_it_is(): void
    {
        $household = Household::factory()->create(['timezone' => 'America/Chicago'])->refresh();
        $user = $this->member($household);
        $machine = $this->machineOf($user);
        $this->clock->move('-6 hours');
        $this->actingAs($user)->post(
            "/machines/$machine->id/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-15', 'found' => 'film', 'left' => 'clear'],
        )
            ->assertSessionHasErrors('did');
        $this->post(
            "/machines/$machine->id/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-14', 'found' => 'film', 'left' => 'clear'],
        )
            ->assertSessionHasNoErrors();
        $this->get('/')->assertSee('Sunday 14 June')->assertSee('Checked just now');
    }

    public function test_a_night_that_loses_an_hour_moves_no_date(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user);
        $this->clock->move('-84 days');
        $this->actingAs($user)->post(
            "/machines/$machine->id/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-03-01', 'found' => 'patchy', 'left' => 'clear'],
        );
        $days = static fn (string $html): ?string => 1 === preg_match('/(\d+) days since 1 March/', $html, $match)
            ? $match[1] ?? null
            : null;
        self::assertSame('22', $days((string) $this->get('/')->getContent()));
        $this->clock->move('+7 days');
        self::assertSame('29', $days((string) $this->get('/')->getContent()), 'the clocks went forward on 29 March');
        $this->clock->move('+1 day');
        $this->get('/')->assertSee(__('today.due_today'));
    }
}
