<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Support\Scalar;
use GoodRinse\Core\Quantity\Measures;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/** Says how much of a supply there is, as packages have it: "1.5 l", "500 g", "30 pieces". */
final class Amounts
{
    /** Millilitres or grams from which litres and kilograms are said. */
    private const LARGE = 1000.0;
    /** Millilitres or grams up to which a kitchen measures with spoons. */
    private const SPOONS = 60.0;
    private const OUNCE = 28.3495;
    private const FLUID_OUNCE = 29.5735;
    private const OUNCES_IN_POUND = 16.0;
    private const FLUID_OUNCES_IN_QUART = 32.0;

    public static function of(Portion $portion, Measures $measures): string
    {
        $isLarge = Measures::Metric === $measures && $portion->count >= self::LARGE;

        return match (true) {
            PortionUnit::Pieces === $portion->unit => Scalar::text(trans_choice('units.pieces', (int) ceil($portion->count), [
                'count' => Uses::number($portion->count),
            ])),
            $isLarge => self::rounded($portion->count / self::LARGE).(PortionUnit::Grams === $portion->unit ? ' kg' : ' l'),
            Measures::UnitedStates === $measures && $portion->count > self::SPOONS => self::imprinted($portion),
            default => $portion->inKitchen($measures),
        };
    }

    /**
     * The measure that packages are printed in, and how much of a supply's own unit one of it is.
     *
     * @return array{string, float} id of the measure
     */
    public static function measure(PortionUnit $unit, Measures $measures): array
    {
        return match (true) {
            Measures::UnitedStates !== $measures || PortionUnit::Pieces === $unit => [$unit->value, 1.0],
            PortionUnit::Grams === $unit => ['oz', Portion::measures($measures)['oz'][1]],
            default => ['floz', Portion::measures($measures)['floz'][1]],
        };
    }

    /** As it is printed on a package in the United States: fluid ounces and quarts, ounces and pounds. */
    private static function imprinted(Portion $portion): string
    {
        [$size, $small, $many, $large] = PortionUnit::Grams === $portion->unit
            ? [self::OUNCE, ' oz', self::OUNCES_IN_POUND, ' lb']
            : [self::FLUID_OUNCE, ' fl oz', self::FLUID_OUNCES_IN_QUART, ' qt'];
        $count = $portion->count / $size;

        return $count < 2 * $many ? self::rounded(round($count)).$small : self::rounded($count / $many).$large;
    }

    private static function rounded(float $count): string
    {
        return Numbers::upTo($count, 1);
    }
}
