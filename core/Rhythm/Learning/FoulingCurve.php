<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm\Learning;

use GoodRinse\Core\Handbook\Care\RhythmModel;
use GoodRinse\Core\Quantity\Fraction;

/**
 * First-order fouling: after n uses the blocked fraction is b(n) = 1 − exp(−λn). Exposure is counted in
 * foulings, one of which takes a clean part to the clean-by line.
 *
 * Source: first-order deposition with saturation, the usual linear model of filter fouling.
 */
final readonly class FoulingCurve
{
    private float $exposureAtCleanBy;

    public function __construct(private RhythmModel $model)
    {
        $this->exposureAtCleanBy = -log(1 - $model->cleanBy);
    }

    /** Foulings that lead from clean to this blocked fraction; the fraction is clipped to the model's greatest. */
    public function foulings(Fraction $blocked): float
    {
        if (0.0 === $blocked->value) {
            return 0.0;
        }

        return -\log(1 - ($blocked->value < $this->model->clip ? $blocked->value : $this->model->clip)) / $this->exposureAtCleanBy;
    }

    /**
     * Blocked fraction after so many foulings.
     *
     * @param float $foulings 0 or more
     */
    public function blockedAfter(float $foulings): Fraction
    {
        return Fraction::of(1 - exp(-$this->exposureAtCleanBy * max(0.0, $foulings)));
    }
}
