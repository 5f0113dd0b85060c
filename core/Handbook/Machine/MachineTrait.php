<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

use GoodRinse\Core\Handbook\Procedure\Condition;
use GoodRinse\Core\Quantity\NumberRange;

/** Something that tells two machines of a kind apart and changes the work: what its tub is made of, how many screws hold a cover. */
final readonly class MachineTrait
{
    /**
     * @param list<Option> $options empty when the answer is a number
     * @param NumberRange|null $number set when the answer is a number
     * @param string|null $unit of the number
     * @param bool $later whether it can wait until the machine is known better
     * @param Condition $when other traits that make it worth asking
     * @param bool $drawn whether its answers are shown as drawings
     * @param bool $tells whether its answer alone says what sort of machine it is
     */
    public function __construct(
        public string $id,
        public string $ask,
        public ?string $hint,
        public array $options,
        public string $default,
        public ?NumberRange $number = null,
        public ?string $unit = null,
        public bool $later = false,
        public Condition $when = new Condition([]),
        public bool $drawn = false,
        public bool $tells = false,
    ) {
    }

    /**
     * What a machine has of this trait; the default where it says nothing. Null for a number.
     *
     * @param array<string, string> $traits
     */
    public function chosen(array $traits): ?Option
    {
        return Option::among($this->options, $traits[$this->id] ?? $this->default);
    }

    /**
     * The same in words, or as the number itself.
     *
     * @param array<string, string> $traits
     */
    public function describe(array $traits): string
    {
        return null === $this->number ? $this->chosen($traits)->name ?? '' : $traits[$this->id] ?? $this->default;
    }
}
