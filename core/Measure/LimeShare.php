<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

use GoodRinse\Core\Handbook\Care\MeasureModel;

/**
 * How much of its water's lime one machine keeps, against the usual share: learned from what ran out while descaling.
 *
 * Clear water says less was there than reckoned with, flakes say more. One descaling moves it a little, all of them together no
 * further than the model's bounds.
 */
final readonly class LimeShare
{
    /**
     * @param float $factor of the usual share that settles, within the model's bounds
     * @param int $descalings that taught it
     * @param float $spread factor up and down within which the truth most likely lies, above 1
     */
    private function __construct(public float $factor, public int $descalings, public float $spread)
    {
    }

    /** @param list<string> $ran what ran out at each descaling, the oldest first; ids that the model has */
    public static function learn(array $ran, MeasureModel $model): self
    {
        $factor = 1.0;
        $taught = 0;
        foreach ($ran as $what) {
            if (isset($model->lime['ran'][$what])) {
                $factor = max($model->lime['least'], min($model->lime['most'], $factor * $model->lime['ran'][$what]));
                ++$taught;
            }
        }

        return new self($factor, $taught, 2 ** (1 / sqrt(1 + $taught)));
    }
}
