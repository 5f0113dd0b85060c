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
        $shown = Uses::number(round($amount));

        return null === $household->currency ? (string) __('units.money', ['amount' => $shown]) : $household->currency.' '.$shown;
    }
}
