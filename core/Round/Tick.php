<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

/** A step that somebody marked done, answered, left out, or is counting at. */
final readonly class Tick
{
    public const DONE = 'done';
    public const SKIPPED = 'skipped';

    /** A tally is under way; the step itself is not done. */
    public const COUNTING = 'counting';

    /**
     * @param string             $id        ULID made where the step was done
     * @param \DateTimeImmutable $at        in UTC
     * @param string|null        $answer    to the step's question
     * @param bool               $overruled the person goes on although the answer does not pass
     * @param float              $share     how much was poured, as a share of what the step says; 0 when nothing was
     * @param float|null         $strength  % of what was poured, where it is another than the step says
     * @param string             $how       one of the constants
     */
    public function __construct(
        public string $id,
        public string $step,
        public \DateTimeImmutable $at,
        public ?string $answer = null,
        public bool $overruled = false,
        public float $share = 1.0,
        public ?float $strength = null,
        public string $how = self::DONE,
        public TickDetails $details = new TickDetails(),
    ) {
    }
}
