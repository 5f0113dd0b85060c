<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** How much of an agent is taken: a volume in millilitres, a mass in grams, or a number of pieces. */
final readonly class Portion
{
    private const OUNCE = 28.3495;

    private function __construct(public float $count, public PortionUnit $unit)
    {
    }

    /**
     * @param float $count 0 or more of the unit
     *
     * @throws QuantityOutOfRange when negative or not finite
     */
    public static function of(float $count, PortionUnit $unit): self
    {
        if (!is_finite($count)) {
            throw QuantityOutOfRange::notFinite('An amount');
        }

        return $count < 0 ? throw QuantityOutOfRange::negative('An amount', $count) : new self($count, $unit);
    }

    /** Both together; of two units the first one's stands. */
    public function plus(self $other): self
    {
        return $other->unit === $this->unit ? new self($this->count + $other->count, $this->unit) : $this;
    }

    /** @param float $share 0 or more */
    public function times(float $share): self
    {
        return self::of($this->count * $share, $this->unit);
    }

    /** As a person measures it, "80 ml", "⅓ cup", "50 g", "2 pieces". */
    public function inKitchen(Measures $measures): string
    {
        return match ($this->unit) {
            PortionUnit::Millilitres => Volume::ml($this->count)->inKitchen($measures),
            PortionUnit::Grams => Measures::Metric === $measures
                ? sprintf('%d g', max($this->count > 0 ? 1 : 0, (int) round($this->count)))
                : KitchenFraction::nearest($this->count / self::OUNCE).' oz',
            PortionUnit::Pieces => KitchenFraction::nearest($this->count),
        };
    }
}
