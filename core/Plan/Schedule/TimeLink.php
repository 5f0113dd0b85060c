<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/** How soon and how late a step begins after another has ended: soak at least twenty minutes, bleach at most ten. */
final readonly class TimeLink
{
    /** In place of the step before: the beginning of the plan. */
    public const BEGINNING = '';

    /**
     * @param string $from id of the step before, or the beginning
     * @param float $least minutes from the end of the first to the start of the second
     * @param float|null $most minutes; null for as late as may be
     * @param bool $joins whether the two belong to one piece of work; if not, the one only comes before the other
     */
    public function __construct(
        public string $from,
        public string $to,
        public float $least = 0.0,
        public ?float $most = null,
        public bool $joins = true,
    ) {
    }

    /** A step that begins exactly so many minutes after the beginning. */
    public static function at(string $step, float $minutes): self
    {
        return new self(self::BEGINNING, $step, $minutes, $minutes);
    }

    public function isFromTheBeginning(): bool
    {
        return self::BEGINNING === $this->from;
    }

    public function __toString(): string
    {
        $most = null === $this->most ? '' : sprintf(', at most %s', $this->most);

        $from = $this->isFromTheBeginning() ? 'the beginning' : $this->from;

        return sprintf('%s → %s (at least %s%s)', $from, $this->to, $this->least, $most);
    }
}
