<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/** What to do next. */
final readonly class RankedOption
{
    public const CHECK = 'check';
    public const ACTION = 'action';
    public const CALL = 'call';

    /**
     * @param string $kind one of the constants
     * @param string $id of the check or action; "call" for the call
     * @param float $cost of doing it
     * @param float|null $chance that it puts the machine right; null for a check
     * @param float $expect expected cost from here on when it is done
     * @param bool $danger whether it comes first because somebody could be hurt
     */
    public function __construct(
        public string $kind,
        public string $id,
        public float $cost,
        public ?float $chance,
        public float $expect,
        public bool $danger = false,
    ) {
    }
}
