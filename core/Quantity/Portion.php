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

    /**
     * What somebody may have measured with.
     *
     * @return array<string, array{PortionUnit, float}> what one of it is, by its id; the household's own first
     */
    public static function measures(Measures $measures): array
    {
        $own = array_combine(
            array_column(PortionUnit::cases(), 'value'),
            array_map(static fn (PortionUnit $unit): array => [$unit, 1.0], PortionUnit::cases()),
        );

        return Measures::UnitedStates === $measures ? [
            'cup' => [PortionUnit::Millilitres, Volume::CUP],
            'tbsp' => [PortionUnit::Millilitres, Volume::TABLESPOON],
            'tsp' => [PortionUnit::Millilitres, Volume::TEASPOON],
            'floz' => [PortionUnit::Millilitres, 2 * Volume::TABLESPOON],
            'oz' => [PortionUnit::Grams, self::OUNCE],
        ] + $own : $own;
    }

    /**
     * @param float $count 0 or more of the measure
     * @param string $measure id of one of the measures
     *
     * @throws QuantityOutOfRange when negative, not finite, or no such measure
     */
    public static function measured(float $count, string $measure): self
    {
        [$unit, $size] = self::measures(Measures::UnitedStates)[$measure] ?? throw QuantityOutOfRange::unknownMeasure($measure);

        return self::of($count * $size, $unit);
    }

    /**
     * Both together.
     *
     * @throws QuantityOutOfRange when they are of two units; Portions keeps those apart
     */
    public function plus(self $other): self
    {
        return $other->unit === $this->unit
            ? new self($this->count + $other->count, $this->unit)
            : throw QuantityOutOfRange::mixed($this->unit->value, $other->unit->value);
    }

    /** @param float $share 0 or more */
    public function times(float $share): self
    {
        return self::of($this->count * $share, $this->unit);
    }

    /** Nearest eighth or third; below that as kitchen scales show it. */
    private static function ounces(float $count): string
    {
        return ($count >= 0.1 || $count <= 0.0 ? KitchenFraction::nearest($count) : sprintf('%.2f', max(0.01, $count))).' oz';
    }

    /** As a person measures it, "80 ml", "⅓ cup", "50 g", "2 ×". */
    public function inKitchen(Measures $measures): string
    {
        return match ($this->unit) {
            PortionUnit::Millilitres => Volume::ml($this->count)->inKitchen($measures),
            PortionUnit::Grams => Measures::Metric === $measures
                ? sprintf('%d g', max($this->count > 0 ? 1 : 0, (int) round($this->count)))
                : self::ounces($this->count / self::OUNCE),
            PortionUnit::Pieces => KitchenFraction::nearest($this->count).' ×',
        };
    }
}
