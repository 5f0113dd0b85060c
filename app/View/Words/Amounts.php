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

    public static function of(Portion $portion, Measures $measures): string
    {
        $isLarge = Measures::Metric === $measures && $portion->count >= self::LARGE;

        return match (true) {
            PortionUnit::Pieces === $portion->unit => Scalar::text(trans_choice('units.pieces', (int) ceil($portion->count), [
                'count' => Uses::number($portion->count),
            ])),
            $isLarge => self::rounded($portion->count / self::LARGE).(PortionUnit::Grams === $portion->unit ? ' kg' : ' l'),
            default => $portion->inKitchen($measures),
        };
    }

    private static function rounded(float $count): string
    {
        return rtrim(rtrim(number_format($count, 1, '.', "\u{202F}"), '0'), '.');
    }
}
