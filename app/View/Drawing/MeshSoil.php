<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Simulation\Dice;
use Illuminate\Support\Facades\Cache;

/**
 * The soil on a drawn mesh: irregular flecks that cover exactly the stated share of a round window.
 *
 * The flecks are always thrown by the same seed, and a dirtier mesh has all the flecks of a cleaner one, so
 * that a person comes to know the five pictures.
 *
 * @phpstan-type Fleck array{x: float, y: float, r: float, a: float, b: float}
 */
final class MeshSoil
{
    public const RADIUS = 50.0;
    private const GRID =
        'M-48 -50V50M-50 -48H50M-40 -50V50M-50 -40H50M-32 -50V50M-50 -32H50M-24 -50V50M-50 -24H50M-16 -50V50M-50 -16H50M-8 -50V50M-50 '
        .'-8H50M0 -50V50M-50 0H50M8 -50V50M-50 8H50M16 -50V50M-50 16H50M24 -50V50M-50 24H50M32 -50V50M-50 32H50M40 -50V50M-50 '
        .'40H50M48 -50V50M-50 48H50';
    private const SEED = 20;
    private const CELLS = 200;

    /** Share of a fleck that must fall on open mesh; the others would only make the path longer. */
    private const WORTH = 0.45;

    /**
     * The five meshes as SVG symbols, grade-clear to grade-clogged; drawn once and kept.
     *
     * @param list<Grade> $grades
     */
    public static function symbols(array $grades): string
    {
        $key = 'meshes.7.'.implode(',', array_map(static fn (Grade $grade): string => $grade->id.$grade->fraction->value, $grades));
        $symbols = Cache::get($key);
        if (!is_string($symbols)) {
            $symbols = implode('', array_map(self::symbol(...), $grades));
            Cache::forever($key, $symbols);
        }

        return $symbols;
    }

    private static function symbol(Grade $grade): string
    {
        return sprintf(
            '<symbol id="grade-%s" viewBox="-54 -54 108 108"><circle class="mesh-light" r="50"/><g clip-path="url(#mesh-window)"><path '
                .'class="mesh-wire" d="%s"/><path class="mesh-soil" d="%s"/></g><circle class="mesh-hoop" r="50"/></symbol>',
            $grade->id,
            self::GRID,
            self::path($grade->fraction),
        );
    }

    /** SVG path data of the soil, in a window of radius 50 round 0,0; empty for a clear mesh. */
    public static function path(Fraction $covered): string
    {
        return implode('', array_map(self::outline(...), self::flecks($covered)));
    }

    /** @return list<Fleck> */
    public static function flecks(Fraction $covered): array
    {
        $dice = new Dice(self::SEED);
        $goal = $covered->value * self::cellsInWindow();
        $shut = $flecks = [];
        while (count($shut) < $goal - 0.5) {
            $fleck = self::thrown($dice);
            $fresh = self::cells($fleck, $shut);
            if (count($fresh) < self::WORTH * M_PI * ($fleck['r'] * self::CELLS / (2 * self::RADIUS)) ** 2) {
                continue;
            }
            if (count($shut) + count($fresh) > $goal) {
                $fleck = self::shrunkTo($fleck, $shut, $goal);
                $fresh = self::cells($fleck, $shut);
                if (0 === count($fresh)) {
                    break;
                }
            }
            $shut += $fresh;
            $flecks[] = $fleck;
        }

        return $flecks;
    }

    /**
     * The share of the window that the flecks cover, measured on a grid.
     *
     * @param list<Fleck> $flecks
     */
    public static function covered(array $flecks, int $cells = self::CELLS): float
    {
        $shut = [];
        foreach ($flecks as $fleck) {
            $shut += self::cells($fleck, $shut, $cells);
        }

        return count($shut) / self::cellsInWindow($cells);
    }

    /** @return Fleck */
    private static function thrown(Dice $dice): array
    {
        $away = self::RADIUS * sqrt($dice->uniform());
        $turn = 2 * M_PI * $dice->uniform();

        return [
            'x' => $away * cos($turn),
            'y' => $away * sin($turn),
            'r' => 2.2 + 8.5 * $dice->uniform() ** 1.7,
            'a' => 2 * M_PI * $dice->uniform(),
            'b' => 2 * M_PI * $dice->uniform(),
        ];
    }

    /**
     * @param Fleck $fleck
     * @param array<int, true> $shut
     *
     * @return Fleck
     */
    private static function shrunkTo(array $fleck, array $shut, float $goal): array
    {
        [$low, $high] = [0.0, $fleck['r']];
        for ($i = 0; $i < 30; ++$i) {
            $middle = ($low + $high) / 2;
            if (count($shut) + count(self::cells(['r' => $middle] + $fleck, $shut)) > $goal) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return ['r' => $low] + $fleck;
    }

    /**
     * Grid cells of the window that the fleck covers and that were open before.
     *
     * @param Fleck $fleck
     * @param array<int, true> $shut
     *
     * @return array<int, true>
     */
    private static function cells(array $fleck, array $shut, int $cells = self::CELLS): array
    {
        $size = 2 * self::RADIUS / $cells;
        $reach = $fleck['r'] * 1.5;
        $from = static fn (float $at): int => max(0, (int) floor(($at - $reach + self::RADIUS) / $size));
        $to = static fn (float $at): int => min($cells - 1, (int) ceil(($at + $reach + self::RADIUS) / $size));
        $fresh = [];
        for ($row = $from($fleck['y']); $row <= $to($fleck['y']); ++$row) {
            for ($column = $from($fleck['x']); $column <= $to($fleck['x']); ++$column) {
                $x = -self::RADIUS + ($column + 0.5) * $size;
                $y = -self::RADIUS + ($row + 0.5) * $size;
                $turn = atan2($y - $fleck['y'], $x - $fleck['x']);
                if (
                    hypot($x, $y) <= self::RADIUS
                    && !isset($shut[$row * $cells + $column])
                    && hypot($x - $fleck['x'], $y - $fleck['y']) <= self::edge($fleck, $turn)
                ) {
                    $fresh[$row * $cells + $column] = true;
                }
            }
        }

        return $fresh;
    }

    private static function cellsInWindow(int $cells = self::CELLS): int
    {
        $size = 2 * self::RADIUS / $cells;
        $count = 0;
        for ($row = 0; $row < $cells; ++$row) {
            for ($column = 0; $column < $cells; ++$column) {
                $count += hypot(-self::RADIUS + ($column + 0.5) * $size, -self::RADIUS + ($row + 0.5) * $size) <= self::RADIUS ? 1 : 0;
            }
        }

        return $count;
    }

    /**
     * Distance from the fleck's middle to its edge in a direction.
     *
     * @param Fleck $fleck
     */
    private static function edge(array $fleck, float $turn): float
    {
        return $fleck['r'] * (1 + 0.24 * sin(2 * $turn + $fleck['a']) + 0.16 * sin(3 * $turn + $fleck['b']));
    }

    /** @param Fleck $fleck */
    private static function outline(array $fleck): string
    {
        $points = [];
        $corners = max(8, (int) round($fleck['r'] * 1.6));
        for ($i = 0; $i < $corners; ++$i) {
            $turn = 2 * M_PI * $i / $corners;
            $points[] = sprintf(
                '%.1f %.1f',
                $fleck['x'] + self::edge($fleck, $turn) * cos($turn),
                $fleck['y'] + self::edge($fleck, $turn) * sin($turn),
            );
        }

        return 'M'.implode('L', $points).'Z';
    }
}
