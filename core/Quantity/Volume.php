<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/**
 * A volume of liquid or of powder measured by the spoon, held in millilitres.
 *
 * Kitchen sizes are the customary United States ones: cup 236.588 ml, tablespoon 14.787 ml,
 * teaspoon 4.929 ml.
 */
final readonly class Volume
{
    public const CUP = 236.588;
    public const TABLESPOON = 14.787;
    public const TEASPOON = 4.929;

    private function __construct(public float $ml)
    {
    }

    /**
     * @param float $ml millilitres, 0 or more
     *
     * @throws QuantityOutOfRange when negative or not finite
     */
    public static function ml(float $ml): self
    {
        if (!is_finite($ml)) {
            throw QuantityOutOfRange::notFinite('A volume');
        }
        if ($ml < 0) {
            throw QuantityOutOfRange::negative('A volume', $ml);
        }

        return new self($ml);
    }

    /**
     * As a person measures it: metric rounded to 5 ml (to 1 ml below that), or the nearest eighth or third of a kitchen measure:
     * cups from a quarter up, tablespoons from a whole one, teaspoons below that.
     */
    public function inKitchen(Measures $measures): string
    {
        return match ($measures) {
            Measures::Metric => sprintf(
                '%d ml',
                $this->ml < 4.5 ? max($this->ml > 0 ? 1 : 0, (int) round($this->ml)) : (int) round($this->ml / 5) * 5,
            ),
            Measures::UnitedStates => $this->inSpoonsAndCups(),
        };
    }

    private function inSpoonsAndCups(): string
    {
        foreach ([['cup', 'cups', self::CUP, 0.24], ['tbsp', 'tbsp', self::TABLESPOON, 0.96], ['tsp', 'tsp', self::TEASPOON, 0.0]] as [
            $one,
            $many,
            $size,
            $from,
        ]) {
            $count = $this->ml / $size;
            if ($count >= $from) {
                $shown = KitchenFraction::nearest($count);

                return sprintf('%s %s', $shown, $count > 1 && '1' !== $shown ? $many : $one);
            }
        }

        return '0 tsp';
    }
}
