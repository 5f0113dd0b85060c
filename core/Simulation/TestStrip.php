<?php

declare(strict_types=1);

namespace GoodRinse\Core\Simulation;

use GoodRinse\Core\Handbook\Care\DoseModel;

/**
 * A simulated strip for the hardness of water: the harder it is, the more of its windows turn.
 *
 * A stand-in for the paper ones; it reads a made-up tap that stays the same for the same seed.
 */
final readonly class TestStrip
{
    private const TYPICAL_DEGREES = 12.0;
    private const SPREAD = 0.6;

    public function __construct(private DoseModel $model)
    {
    }

    /** Windows that turn in the tap of this seed, 0 to as many as the strip has. */
    public function dip(int $seed): int
    {
        $degrees = (new Dice($seed))->lognormal(self::TYPICAL_DEGREES, self::SPREAD);
        $nearest = 0;
        foreach ($this->model->strip as $turned => $each) {
            $nearest = abs($each - $degrees) < abs($this->model->strip[$nearest] - $degrees) ? $turned : $nearest;
        }

        return $nearest;
    }
}
