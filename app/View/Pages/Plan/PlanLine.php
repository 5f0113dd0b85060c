<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

/** One line of the running order, and one piece of the drawing. */
final readonly class PlanLine
{
    /**
     * @param int|null $number of what hands do, in order; null for a wait
     * @param float $start minutes from the beginning
     * @param float $minutes that it takes
     * @param string $from when it begins, on the clock
     * @param string $until when it ends
     * @param string $machine name
     * @param string $what in words
     * @param list<string> $lanes it lies in: hands, sink, or a machine's id
     * @param string $free what the gap before it leaves free, in words; empty where there is none
     */
    public function __construct(
        public ?int $number,
        public float $start,
        public float $minutes,
        public string $from,
        public string $until,
        public string $machine,
        public string $what,
        public array $lanes,
        public string $free,
    ) {
    }
}
