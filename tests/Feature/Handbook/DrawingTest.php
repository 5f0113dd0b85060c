<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\Care\Readers\CareReader;
use App\Models\Machine;
use App\Models\User;
use App\View\Drawing\CloudyGlass;
use App\View\Drawing\FoulingChart;
use App\View\Drawing\MeshSoil;
use App\View\Drawing\WeeksStrip;
use App\View\Drawing\WindowBar;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use Tests\TestCase;

final class DrawingTest extends TestCase
{
    public function test_each_mesh_is_covered_by_exactly_its_share(): void
    {
        foreach (app(Handbook::class)->scales()->scale('mesh')->grades as $grade) {
            $flecks = MeshSoil::flecks($grade->fraction);
            self::assertEqualsWithDelta($grade->fraction->value, MeshSoil::covered($flecks), 0.0005, $grade->id);
            self::assertEqualsWithDelta($grade->fraction->value, MeshSoil::covered($flecks, 317), 0.01, "$grade->id on another grid");
        }
        self::assertSame('', MeshSoil::path(Fraction::none()));
    }

    public function test_a_dirtier_mesh_keeps_the_flecks_of_a_cleaner_one(): void
    {
        $patchy = MeshSoil::flecks(Fraction::of(0.35));
        $heavy = MeshSoil::flecks(Fraction::of(0.6));

        self::assertSame(array_slice($patchy, 0, -1), array_slice($heavy, 0, count($patchy) - 1));
        self::assertLessThan(9000, strlen(MeshSoil::path(Fraction::of(0.85))), 'small enough to draw many');
    }

    public function test_the_silt_reaches_the_tick_when_it_is_time_and_rises_with_the_wear(): void
    {
        self::assertEqualsWithDelta(27, (new CloudyGlass(1.0))->silt, 1e-9);
        $before = new CloudyGlass(0);
        foreach ([0.3, 0.6, 0.9, 1.2, 1.4] as $wear) {
            $glass = new CloudyGlass($wear);
            self::assertLessThan($before->silt, $glass->silt);
            self::assertGreaterThan($glass->silt, $glass->sludge, 'the darker layer lies below');
            self::assertGreaterThanOrEqual($before->cloud, $glass->cloud);
            $before = $glass;
        }
        self::assertSame([], (new CloudyGlass(0))->motes, 'clear water has no motes');
        self::assertSame((new CloudyGlass(9))->silt, (new CloudyGlass(1.45))->silt, 'it does not run over');
    }

    /** @return array{User, Machine} a person with a machine that was opened three times */
    private function opened(string $lastOn): array
    {
        $user = $this->member();
        $machine = $this->machineOf($user);
        foreach ([['2026-03-20', 'patchy', 'clear'], ['2026-04-18', 'heavy', 'film'], [$lastOn, 'film', 'clear']] as [$on, $found, $left]) {
            $this->actingAs($user)->post(
                "/machines/$machine->id/openings",
                ['id' => $this->ulid(), 'task' => 'filter', 'on' => $on, 'found' => $found, 'left' => $left],
            )->assertSessionHasNoErrors();
        }

        return [$user, $machine];
    }

    public function test_the_window_bar_puts_the_days_in_their_order(): void
    {
        [$user, $machine] = $this->opened('2026-06-05');
        $care = app(CareReader::class)->machine($machine, $user->home())->tasks['filter'];
        $bar = WindowBar::of($care->rhythm(), $care->history()->last()->day ?? self::fail('it was opened'), Day::of('2026-06-15'))
            ?? self::fail('there is a date');

        self::assertTrue(0 < $bar->from && $bar->from <= $bar->due && $bar->due <= $bar->to && $bar->to < 100);
        self::assertTrue(0 < $bar->today && $bar->today < $bar->due);
    }

    public function test_six_weeks_show_what_is_to_come_or_the_time_after_if_it_is_due_now(): void
    {
        [$user, $machine] = $this->opened('2026-06-05');
        $today = Day::of('2026-06-15');
        $strip = WeeksStrip::of([app(CareReader::class)->machine($machine, $user->home())->tasks['filter']], $today);
        self::assertCount(6, $strip->weeks);
        self::assertCount(1, $strip->marks);
        self::assertFalse($strip->marks[0]['again']);
        self::assertEqualsWithDelta($strip->marks[0]['on']->since($today) / 42 * 100, $strip->marks[0]['at'], 0.1);

        [$user, $machine] = $this->opened('2026-04-25');
        $tasks = array_values(app(CareReader::class)->machine($machine, $user->home())->tasks);
        self::assertTrue($tasks[0]->rhythm()->state->isDue());
        self::assertTrue(WeeksStrip::of($tasks, $today)->marks[0]['again']);
    }

    public function test_the_soil_chart_rises_to_what_was_found_and_falls_to_what_was_left(): void
    {
        [$user, $machine] = $this->opened('2026-06-05');
        $care = app(CareReader::class)->machine($machine, $user->home())->tasks['filter'];
        $chart = FoulingChart::of($care, app(Handbook::class), Day::of('2026-06-15'));

        self::assertSame(['2026-04-18', '2026-06-05'], array_map(static fn (array $mark): string => (string) $mark[2], $chart->marks));
        self::assertLessThan($chart->marks[1][1], $chart->marks[0][1], 'heavy stands higher than film');
        self::assertLessThan($chart->cleanBy, $chart->marks[0][1], 'heavy is above the clean-by line');
        self::assertGreaterThan($chart->cleanBy, $chart->marks[1][1]);
        self::assertStringStartsWith('M0 96', $chart->curve, 'it starts clean');
        self::assertSame(
            '',
            FoulingChart::of(
                app(CareReader::class)->machine($this->machineOf($user), $user->home())->tasks['filter'],
                app(Handbook::class),
                Day::of('2026-06-15'),
            )->curve,
        );
    }
}
