<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

use GoodRinse\Core\Quantity\NumberRange;

/** How a household uses a machine: a number (loads a week) or one of some options (plates scraped or not). */
final readonly class Habit
{
    /**
     * @param NumberRange|null $number set when the answer is a number
     * @param list<Option> $options set when the answer is one of these
     * @param bool $drawn whether its answers are shown as drawings, and asked before anything else
     */
    public function __construct(
        public string $id,
        public string $ask,
        public ?NumberRange $number,
        public array $options,
        public string|float $default,
        public bool $drawn = false,
    ) {
    }
}
