<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** Writes a count as a cook would: whole numbers with eighths or thirds, "1 ½", "⅓", "2". */
final class KitchenFraction
{
    private const GLYPHS = [
        '⅛' => 1 / 8, '¼' => 1 / 4, '⅓' => 1 / 3, '⅜' => 3 / 8, '½' => 1 / 2,
        '⅝' => 5 / 8, '⅔' => 2 / 3, '¾' => 3 / 4, '⅞' => 7 / 8,
    ];

    /** @param float $count 0 or more, in whatever measure the caller names */
    public static function nearest(float $count): string
    {
        $whole = (int) floor($count);
        $best = '';
        $error = $count - $whole;
        if (1 - $error < $error) {
            [$whole, $error] = [$whole + 1, 1 - $error];
        }
        $rest = $count - floor($count);
        foreach (self::GLYPHS as $glyph => $value) {
            if (abs($rest - $value) < $error) {
                [$best, $error, $whole] = [$glyph, abs($rest - $value), (int) floor($count)];
            }
        }

        return match (true) {
            '' === $best => (string) $whole,
            0 === $whole => $best,
            default => $whole.' '.$best,
        };
    }
}
