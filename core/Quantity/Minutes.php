<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** A length of time in minutes: a person's hands, a soak, a machine's cycle. */
final readonly class Minutes
{
    private function __construct(public float $value)
    {
    }

    /**
     * @param float $value minutes, 0 or more
     *
     * @throws QuantityOutOfRange when negative or not finite
     */
    public static function of(float $value): self
    {
        if (!is_finite($value)) {
            throw QuantityOutOfRange::notFinite('A length of time');
        }
        if ($value < 0) {
            throw QuantityOutOfRange::negative('A length of time', $value);
        }

        return new self($value);
    }

    public function plus(self $other): self
    {
        return new self($this->value + $other->value);
    }

    public function seconds(): int
    {
        return (int) round($this->value * 60);
    }
}
