<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Handbook\Scale\Scale;
use GoodRinse\Core\Handbook\Scale\Scales;

/**
 * The drawn steps of the scales as SVG symbols, grade-clear to grade-carafe-dark: each shows the part itself, as soiled
 * as its step says, in a window of 108 by 108 round 0,0.
 */
final class ScaleSymbols
{
    private const JETS = 10;

    /** @param list<Scale> $scales */
    public static function of(array $scales): string
    {
        $symbols = '';
        foreach ($scales as $scale) {
            $symbols .= Scales::MESH === $scale->id
                ? MeshSoil::symbols($scale->grades)
                : implode('', array_map(static fn (Grade $grade): string => self::symbol($grade), $scale->grades));
        }

        return $symbols;
    }

    private static function symbol(Grade $grade): string
    {
        return sprintf(
            '<symbol id="grade-%s" viewBox="-54 -54 108 108">%s</symbol>',
            $grade->id,
            self::drawing($grade->scale, $grade->fraction->value),
        );
    }

    private static function drawing(string $scale, float $soiled): string
    {
        return match ($scale) {
            'jets' => self::jets($soiled),
            'seal' => self::seal($soiled),
            'sump' => self::well($soiled),
            'lime' => self::pipe($soiled),
            'needle' => self::needle($soiled),
            'grease' => self::slat($soiled),
            'carafe' => self::carafe($soiled),
            'crust' => self::layer($soiled, 'scale-lime'),
            default => self::layer($soiled, 'scale-soil'),
        };
    }

    /** A floor from above, so much of it under a layer; for every scale that has no drawing of its own. */
    private static function layer(float $soiled, string $class): string
    {
        $svg = '<circle class="scale-part" r="46"/>';
        if ($soiled > 0 && $soiled < 0.3) {
            foreach ([[-18, 10, 5.0], [16, -14, 4.0], [22, 22, 5.5], [-8, -26, 3.5]] as [$x, $y, $r]) {
                $svg .= sprintf('<circle class="%s" cx="%d" cy="%d" r="%.1f"/>', $class, $x, $y, $r);
            }
        } elseif ($soiled > 0) {
            $top = 46 - 92 * $soiled;
            $half = sqrt(46 ** 2 - $top ** 2);
            $svg .= sprintf(
                '<path class="%7$s" d="M%1$.1f %2$.1f Q%3$.1f %4$.1f 0 %2$.1f T%5$.1f %2$.1f A46 46 0 %6$d 1 %1$.1f %2$.1f Z"/>',
                -$half,
                $top,
                -$half / 2,
                $top - 9,
                $half,
                $soiled > 0.5 ? 1 : 0,
                $class,
            );
        }

        return $svg.'<circle class="scale-line" r="46"/>';
    }

    /** An arm from above, its jets open or blocked. */
    private static function jets(float $soiled): string
    {
        $svg = '<rect class="scale-part" x="-50" y="-17" width="100" height="34" rx="17"/><circle class="scale-line" r="8"/>';
        $blocked = (int) round($soiled * self::JETS);
        $order = [7, 2, 9, 4, 0, 6, 1, 8, 3, 5];
        for ($i = 0; $i < self::JETS; ++$i) {
            $x = [-42, -33, -24, -15, 15, 24, 33, 42, -28, 28][$i];
            $y = $i < 8 ? (0 === $i % 2 ? -7 : 7) : 0;
            $isBlocked = array_search($i, $order, true) < $blocked;
            $svg .= sprintf('<circle class="%s" cx="%d" cy="%d" r="4"/>', $isBlocked ? 'scale-soil' : 'scale-clear', $x, $y);
            $svg .= $isBlocked ? '' : sprintf('<path class="scale-water" d="M%d %d V%d"/>', $x, $y < 0 ? -22 : 22, $y < 0 ? -36 : 36);
        }

        return $svg;
    }

    /** The seal cut across: three folds, and what sits in them. */
    private static function seal(float $soiled): string
    {
        $folds = 'M-50 -28 H-18 Q-8 -28 -8 -18 V14 Q-8 24 2 24 Q12 24 12 14 V-18 Q12 -28 22 -28 Q32 -28 32 -18 V24';
        $svg = '<path class="scale-part" d="'.$folds.' L50 24 V44 H-50 Z"/><path class="scale-line" d="'.$folds.'"/>';
        if ($soiled > 0 && $soiled < 0.3) {
            $svg .= '<path class="scale-film" d="M-46 -32 H-18 Q-10 -32 -5 -24"/>';
        }
        if ($soiled >= 0.3) {
            $svg .= '<circle class="scale-soil" cx="-40" cy="-33" r="6"/><circle class="scale-soil" cx="-22" cy="-32" r="5"/><circle '
                .'class="scale-soil" cx="20" cy="-33" r="5.5"/><circle class="scale-soil" cx="36" cy="4" r="4.5"/>';
        }
        if ($soiled >= 0.5) {
            $svg .= '<path class="scale-soil" d="M-7 2 V14 Q-7 23 2 23 Q11 23 11 14 V2 Q11 12 2 12 Q-7 12 -7 2Z"/>';
        }
        if ($soiled >= 0.8) {
            $svg .= '<path class="scale-soil" d="M-7 -20 V14 Q-7 23 2 23 Q11 23 11 14 V-20 Z"/><path class="scale-soil" d="M-48 -36 H-14 '
                .'Q-6 -34 -6 -24 H-12 Q-14 -28 -20 -28 H-48Z"/>';
        }

        return $svg;
    }

    /** The well from the side, with what has settled in it. */
    private static function well(float $soiled): string
    {
        $svg =
            '<path class="scale-part" d="M-50 -30 H-34 V30 Q-34 42 -22 42 H22 Q34 42 34 30 V-30 H50"/><path class="scale-pool" d="M-33 '
                .'-4 H33 V30 Q33 41 22 41 H-22 Q-33 41 -33 30Z"/>';
        if ($soiled > 0 && $soiled < 0.3) {
            $svg .= '<circle class="scale-soil" cx="-12" cy="36" r="4"/><circle class="scale-soil" cx="8" cy="37" r="3.5"/><path '
                .'class="scale-soil" d="M14 28 l9 3 -2 5 -9 -3Z"/>';
        } elseif ($soiled > 0) {
            $top = 40 - 52 * $soiled;
            $svg .= sprintf(
                '<path class="scale-soil" d="M-33 %1$.1f Q-20 %2$.1f -8 %1$.1f T16 %1$.1f T33 %1$.1f V30 Q33 41 22 41 H-22 Q-33 41 -33 '
                    .'30Z"/>',
                $top,
                $top - 5,
            );
        }

        return $svg.'<path class="scale-line" d="M-50 -30 H-34 V30 Q-34 42 -22 42 H22 Q34 42 34 30 V-30 H50"/>';
    }

    /** A pipe cut across, the way through it narrowed by lime, and what runs out below. */
    private static function pipe(float $soiled): string
    {
        $open = 30 * sqrt(1 - $soiled);
        $svg = sprintf(
            '<circle class="scale-lime" cy="-12" r="34"/><circle class="scale-pool" cy="-12" r="%.1f"/><circle class="scale-line" '
                .'cy="-12" r="38"/><circle class="scale-hair" cy="-12" r="34"/>',
            $open,
        );
        $svg .= $soiled < 0.8
            ? sprintf('<path class="scale-stream" stroke-width="%.1f" d="M0 29 V50"/>', max(2, 12 * (1 - $soiled)))
            : '<circle class="scale-drop" cy="36" r="3.5"/><circle class="scale-drop" cy="48" r="3"/>';
        foreach ($soiled >= 0.3 ? array_slice([[-18, 40], [16, 46], [-26, 50], [24, 36]], 0, $soiled >= 0.5 ? 4 : 1) : [] as [$x, $y]) {
            $svg .= sprintf('<path class="scale-lime-edge" d="M%d %d l5 -2 3 4 -5 3Z"/>', $x, $y);
        }

        return $svg;
    }

    /** The needle from the side, its opening plugged from the bottom. */
    private static function needle(float $soiled): string
    {
        $height = 56 * $soiled;

        return '<path class="scale-part" d="M-17 -52 H17 V22 L0 52 L-17 22Z"/><rect class="scale-clear" x="-8" y="-36" width="16" '
            .'height="56" rx="8"/>'
            .($soiled > 0 ? sprintf(
                '<path class="scale-soil" d="M-8 %1$.1f H8 V12 Q8 20 0 20 Q-8 20 -8 12Z"/>',
                min(12, 20 - $height),
            ) : '')
            .'<rect class="scale-line" x="-8" y="-36" width="16" height="56" rx="8"/><path class="scale-line" d="M-17 -52 V22 L0 52 L17 '
                .'22 V-52"/>';
    }

    /** A bent slat from the end, the grease on it thicker and thicker, at last in drops. */
    private static function slat(float $soiled): string
    {
        $bend = 'M-46 -20 Q-46 8 -18 8 Q6 8 6 -12 Q6 -30 26 -30 Q46 -30 46 -6';
        $svg = $soiled > 0 ? sprintf('<path class="scale-grease" stroke-width="%.1f" d="%s"/>', 8 + 22 * $soiled, $bend) : '';
        $svg .= '<path class="scale-slat" d="'.$bend.'"/>';
        if ($soiled >= 0.3) {
            $svg .= '<circle class="scale-soil" cx="-18" cy="19" r="4"/>';
        }
        if ($soiled >= 0.5) {
            $svg .= '<circle class="scale-soil" cx="-32" cy="15" r="4.5"/><circle class="scale-soil" cx="-5" cy="16" r="4.5"/>';
        }
        if ($soiled >= 0.8) {
            $svg .= '<path class="scale-soil" d="M-18 24 q7 12 0 16 q-7 -4 0 -16Z M-32 28 q6 12 0 16 q-6 -4 0 -16Z M46 4 q7 14 0 18 q-7 '
                .'-4 0 -18Z"/>';
        }

        return $svg;
    }

    /** A carafe, the coffee line and the glass darker and darker. */
    private static function carafe(float $soiled): string
    {
        $glass = 'M-20 -42 H20 L18 -26 Q40 -8 40 16 Q40 44 10 44 H-10 Q-40 44 -40 16 Q-40 -8 -18 -26Z';

        return sprintf(
            '<path class="scale-pool" d="%1$s"/><path class="scale-soil" opacity="%2$.2f" d="M-39 6 Q0 14 39 6 Q42 44 10 44 H-10 Q-42 44 '
                .'-39 6Z"/>',
            $glass,
            min(0.95, 1.3 * $soiled),
        )
            .($soiled > 0 ? '<path class="scale-film" d="M-39 6 Q0 14 39 6"/>' : '')
            .'<path class="scale-line" d="'.$glass.'"/><path class="scale-line" d="M38 -4 Q54 0 52 18 Q50 34 36 34"/>';
    }
}
