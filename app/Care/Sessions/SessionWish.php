<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Models\Household;
use GoodRinse\Core\Plan\Ahead\SessionRule;

/** How a household wants its sessions. */
final readonly class SessionWish
{
    /** Each task when it is due. */
    public const NONE = 'none';
    /** On days that are set. */
    public const DAYS = 'days';
    public const SUITS = 'suits';

    public const MODES = [self::NONE, self::DAYS, self::SUITS];

    /**
     * @param string $mode one of the constants
     * @param int $which week of the month, see SessionRule
     * @param int $weekday 1 for Monday to 7 for Sunday
     * @param int $minutes that a session takes at most, 10 to 600
     */
    public function __construct(
        public string $mode = self::SUITS,
        public int $which = 1,
        public int $weekday = 6,
        public int $minutes = 90,
    ) {
    }

    /** What a household has said; null when it does each task when it is due. */
    public static function kept(Household $household): ?self
    {
        $rule = $household->session_rule;

        return null === $rule ? null : self::from($rule['mode'], $rule['which'], $rule['weekday'], $rule['minutes']);
    }

    /** What was asked for, as far as it can be. */
    public static function from(string $mode, int $which, int $weekday, int $minutes): self
    {
        return new self(
            in_array($mode, self::MODES, true) ? $mode : self::SUITS,
            max(SessionRule::WEEKLY, min(SessionRule::LAST, $which)),
            max(1, min(7, $weekday)),
            max(10, min(600, $minutes)),
        );
    }
}
