<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

/** One line of the running order, and one piece of the drawing. */
final readonly class PlanLine
{
    /**
     * @param string $id of the block
     * @param int|null $number of what hands do, in order; null for a wait
     * @param float $start minutes from the beginning
     * @param float $minutes that it takes
     * @param string $from when it begins, on the clock
     * @param string $until when it ends
     * @param string $machine name
     * @param string $what in words
     * @param list<string> $lanes it lies in: hands, sink, or a machine's id
     * @param string $free what the gap before it leaves free, in words; empty where there is none
     * @param string $who does it; empty where one person does everything
     * @param int $hand number of the pair of hands that does it, from 0
     * @param string $at hour at which it was set to begin; empty where it was not
     * @param bool $isDone whether it is over
     * @param bool $isGiven whether somebody has said who does it
     * @param float $gap minutes before it in which its hands are free
     * @param string $gapText what they say of it in the drawing
     */
    public function __construct(
        public string $id,
        public ?int $number,
        public float $start,
        public float $minutes,
        public string $from,
        public string $until,
        public string $machine,
        public string $what,
        public array $lanes,
        public string $free = '',
        public string $who = '',
        public int $hand = 0,
        public string $at = '',
        public bool $isDone = false,
        public bool $isGiven = false,
        public float $gap = 0.0,
        public string $gapText = '',
    ) {
    }

    /** All that a piece of the drawing has no room for. */
    public function label(): string
    {
        return implode(', ', array_filter([$this->machine, $this->what, "{$this->from}–{$this->until}", $this->who]));
    }
}
