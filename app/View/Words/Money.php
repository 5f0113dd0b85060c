<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Models\Household;

/** Says an amount of a household's money. */
final class Money
{
    /** "€ 12", or "12 in your currency" where nobody has said what that is; to whole units. */
    public static function of(float $amount, Household $household): string
    {
        return self::shown(Uses::number(round($amount)), $household);
    }

    /** The same to the hundredth, for what somebody paid; "€ 12" where there are no hundredths. */
    public static function paid(float $amount, Household $household): string
    {
        return self::shown(self::hundredths($amount), $household);
    }

    /**
     * The same in a money that need not be the household's.
     *
     * @param string|null $currency sign; null where nobody has said
     */
    public static function in(float $amount, ?string $currency): string
    {
        return null === $currency ? self::hundredths($amount) : $currency.' '.self::hundredths($amount);
    }

    private static function hundredths(float $amount): string
    {
        $whole = round($amount, 2) === round($amount);

        return $whole ? Uses::number(round($amount)) : Numbers::fixed($amount, 2);
    }

    private static function shown(string $shown, Household $household): string
    {
        return null === $household->currency ? (string) __('units.money', ['amount' => $shown]) : $household->currency.' '.$shown;
    }
}
