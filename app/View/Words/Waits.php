<?php

declare(strict_types=1);

namespace App\View\Words;

use GoodRinse\Core\Handbook\Procedure\WaitChoice;

/** Says how long a wait may be picked to last. */
final class Waits
{
    /** @param int|string $choice minutes, or a name of WaitChoice */
    public static function choice(int|string $choice): string
    {
        return match (true) {
            WaitChoice::Rest->value === $choice => (string) __('rounds.wait_rest'),
            WaitChoice::Morning->value === $choice => (string) __('rounds.wait_morning'),
            (int) $choice <= 1 => (string) __('rounds.wait_now'),
            0 === (int) $choice % 60 => trans_choice(
                'rounds.wait_hours',
                intdiv((int) $choice, 60),
                ['hours' => intdiv((int) $choice, 60)],
            ),
            default => (string) __('rounds.wait_minutes', ['minutes' => (int) $choice]),
        };
    }
}
