<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

use GoodRinse\Core\Handbook\Care\MeasureModel;

/**
 * How much of its water's lime one machine keeps, against the usual share: learned from what ran out while descaling.
 *
 * Each descaling is held against what was expected of it: clear where little lime should be there, cloudy about a full interval,
 * flakes beyond. One step more or less than expected moves the share a little, all of them together no further than the model's
 * bounds.
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

    /**
     * @param list<array{string, float}> $descalings what ran out, as the model names it, and the grams of lime that the usual
     *     share lays down, 0 or more; the oldest first
     * @param float $full grams that a full interval lays down, above 0
     */
    public static function learn(array $descalings, float $full, MeasureModel $model): self
    {
        $factor = 1.0;
        $taught = 0;
        foreach ($descalings as [$what, $grams]) {
            $seen = array_search($what, $model->lime['ran'], true);
            if (!is_int($seen) || $full <= 0) {
                continue;
            }
            $expected = count(array_filter($model->lime['expects'], static fn (float $from): bool => $factor * $grams >= $from * $full));
            $factor *= $model->lime['step'] ** ($seen - $expected);
            $factor = max($model->lime['least'], min($model->lime['most'], $factor));
            ++$taught;
        }

        return new self($factor, $taught, 2 ** (1 / sqrt(1 + $taught)));
    }
}
