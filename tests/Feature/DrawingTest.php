<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Drawing\CloudyGlass;
use App\View\Drawing\MeshSoil;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Fraction;
use Tests\TestCase;

final class DrawingTest extends TestCase
{
    public function test_each_mesh_is_covered_by_exactly_its_share(): void
    {
        foreach (app(Handbook::class)->grades() as $grade) {
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
}
