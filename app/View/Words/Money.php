<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Models\Household;

/** Says an amount of a household's money. */
final class Money
{
    /** "€ 12", or "12 in your money" where nobody has said what that is; to whole units. */
    public static function of(float $amount, Household $household): string
    {
        return self::shown(Uses::number(round($amount)), $household);
    }

    /** The same to the hundredth, for what somebody paid; "€ 12" where there are no hundredths. */
    public static function paid(float $amount, Household $household): string
    {
        $whole = round($amount, 2) === round($amount);

        return self::shown($whole ? Uses::number(round($amount)) : number_format($amount, 2, '.', "\u{202F}"), $household);
    }

    private static function shown(string $shown, Household $household): string
    {
        return null === $household->currency ? (string) __('units.money', ['amount' => $shown]) : $household->currency.' '.$shown;
    }
}
