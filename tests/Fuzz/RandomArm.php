<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use GoodRinse\Core\Flow\ArmMotion;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Simulation\Dice;

/** Spray arms that nobody has seen. */
final readonly class RandomArm
{
    public function __construct(private Dice $dice)
    {
    }

    public function arm(string $id = 'lower', int $most = 40): SprayArm
    {
        $jets = [];
        for ($i = $this->dice->between(0, $most); $i > 0; --$i) {
            $jets[] = $this->jet();
        }
        $motion = ArmMotion::cases()[$this->dice->between(0, 9) < 7 ? 0 : $this->dice->between(1, 2)];

        return new SprayArm($id, $jets, $motion, ArmMotion::Hits === $motion ? $this->dice->between(1, 12) : null);
    }

    public function jet(): Jet
    {
        return new Jet(
            round($this->dice->uniform() * 2 - 1, 3),
            JetSide::cases()[$this->dice->between(0, 1)],
            round(0.5 + $this->dice->uniform() * 6, 2),
            [Jet::OPEN, Jet::HALF, Jet::SHUT][$this->dice->between(0, 2)],
        );
    }
}
