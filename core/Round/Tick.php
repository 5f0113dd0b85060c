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
     * @param string $id ULID made where the step was done
     * @param \DateTimeImmutable $at in UTC
     * @param string|null $answer to the step's question
     * @param bool $overruled the person goes on although the answer does not pass
     * @param float $share how much was poured, as a share of what the step says; 0 when nothing was
     * @param float|null $strength % of what was poured, where it is another than the step says
     * @param string $how one of the constants
     * @param int|null $by who did it; null where nobody knows any more
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
        public ?int $by = null,
    ) {
    }

    /** Whether both say the same of their step, whenever and by whom. */
    public function hasSameAnswerAs(self $other): bool
    {
        return [$this->answer, $this->overruled, $this->share, $this->strength, $this->how] === [
            $other->answer,
            $other->overruled,
            $other->share,
            $other->strength,
            $other->how,
        ]
            && $this->details == $other->details;
    }

    /**
     * In the order in which they happened; those of one moment as they were made.
     *
     * @param list<self> $made in the order they arrived
     *
     * @return list<self>
     */
    public static function inOrder(array $made): array
    {
        usort($made, static fn (self $a, self $b): int => $a->at <=> $b->at);

        return $made;
    }
}
