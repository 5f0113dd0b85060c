<?php

declare(strict_types=1);

namespace App\View\Words;

/** Says how many days, loads or brews. */
final class Uses
{
    /** A count with its unit, "24 loads"; to one decimal where it is small and not whole. */
    public static function counted(float $count, string $unit): string
    {
        $shown = self::number($count);

        $said = __("units.$unit.".('1' === $shown ? 'one' : 'many'), ['n' => $shown]);

        return is_string($said) && !str_starts_with($said, 'units.') ? $said : "$shown $unit";
    }

    /** The name of a unit, "cooking hours". */
    public static function unit(string $unit): string
    {
        $said = __("units.names.$unit");

        return is_string($said) && !str_starts_with($said, 'units.') ? $said : $unit;
    }

    /** "45 min", "2 h 35 min". */
    public static function minutes(float $minutes): string
    {
        $whole = (int) ceil($minutes);

        return $whole < 90 ? "$whole min" : trim(sprintf('%d h %s', intdiv($whole, 60), 0 === $whole % 60 ? '' : ($whole % 60).' min'));
    }

    /** A small count in words. */
    public static function small(int $count): string
    {
        $said = __("units.small.$count");

        return is_string($said) && !str_starts_with($said, 'units.') ? $said : (string) $count;
    }

    public static function number(float $count): string
    {
        $decimals = $count < 10 && abs($count - round($count)) >= 0.05 ? 1 : 0;

        return number_format($count, $decimals, '.', "\u{202F}");
    }
}
