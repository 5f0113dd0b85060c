<?php

declare(strict_types=1);

namespace App\View\Words;

use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\ClockState;
use Illuminate\Support\Arr;

/** Says how many days, loads or brews. */
final class Uses
{
    /** A count with its unit, "24 loads"; to one decimal where it is small and not whole. */
    public static function counted(float $count, string $unit): string
    {
        $in = HouseMeasures::field($unit);
        $count = $in->written($count);
        $shown = self::number($count);
        $words = trans_choice("units.counted.$in->name", round($count, self::decimals($count)), ['n' => $shown]);

        return str_starts_with($words, 'units.') ? "$shown $in->name" : $words;
    }

    /** How long from one time to the next, with its unit: a part of a day falls due on the next one, so days are whole. */
    public static function interval(float $count, string $unit): string
    {
        return self::counted(self::whole($count, $unit), $unit);
    }

    /** @param list<ClockState> $clocks "24 days or 21 loads" */
    public static function intervals(array $clocks): string
    {
        $each = array_map(
            static fn (ClockState $reading): string => self::interval($reading->learned->interval, $reading->clock->unit),
            $clocks,
        );

        return Arr::join($each, ', ', (string) __('units.or'));
    }

    /** The same without its unit. */
    public static function intervalAmount(float $count, string $unit): string
    {
        return self::amount(self::whole($count, $unit), $unit);
    }

    private static function whole(float $count, string $unit): float
    {
        return Clock::DAYS === $unit ? ceil($count - 1e-9) : $count;
    }

    /** A count without its unit, in the measure that counted() gives it in. */
    public static function amount(float $count, string $unit): string
    {
        return self::number(HouseMeasures::field($unit)->written($count));
    }

    /** The name of a unit, "cooking hours". */
    public static function unit(string $unit): string
    {
        $unit = HouseMeasures::field($unit)->name;
        $words = __("units.names.$unit");

        return is_string($words) && !str_starts_with($words, 'units.') ? $words : $unit;
    }

    /**
     * What a machine has of a trait, "twist-out", "46 fl oz".
     *
     * @param array<string, string> $traits
     */
    public static function trait(MachineTrait $trait, array $traits): string
    {
        $words = $trait->describe($traits);
        $in = HouseMeasures::field($trait->unit);

        return null === $trait->number ? $words : trim(self::number($in->written((float) $words))." $in->name");
    }

    /** "45 min", "2 h 35 min". */
    public static function minutes(float $minutes): string
    {
        $whole = (int) ceil($minutes);

        return $whole < 90 ? "$whole min" : trim(sprintf('%d h %s', intdiv($whole, 60), 0 === $whole % 60 ? '' : ($whole % 60).' min'));
    }

    /** Minutes as a clock shows them, "6:20 min". */
    public static function clock(float $minutes): string
    {
        $seconds = (int) round($minutes * 60);

        return sprintf('%d:%02d min', intdiv($seconds, 60), $seconds % 60);
    }

    /** A small count in words. */
    public static function small(int $count): string
    {
        $words = __("units.small.$count");

        return is_string($words) && !str_starts_with($words, 'units.') ? $words : (string) $count;
    }

    public static function number(float $count): string
    {
        return Numbers::upTo($count, self::decimals($count));
    }

    /** One where the count is small and not whole. */
    private static function decimals(float $count): int
    {
        return $count < 10 && abs($count - round($count)) >= 0.05 ? 1 : 0;
    }
}
