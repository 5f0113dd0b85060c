<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** One hole of a spray arm. */
final readonly class Jet
{
    public const OPEN = 0.0;
    public const HALF = 0.5;
    public const SHUT = 1.0;

    /**
     * @param float $place along the arm, −1 to 1 of the rack's radius; the sign tells the arm's two halves apart
     * @param float $bore width of the hole in mm, above 0
     * @param float $blocked 0 open, ½ half shut, 1 shut
     *
     * @throws InvalidFlow off the arm, without a bore, or with another share blocked
     */
    public function __construct(public float $place, public JetSide $side, public float $bore, public float $blocked = self::OPEN)
    {
        if (abs($place) > 1.0 || is_nan($place)) {
            throw InvalidFlow::offTheArm();
        }
        if ($bore <= 0.0 || !is_finite($bore)) {
            throw InvalidFlow::noBore();
        }
        if (!in_array($blocked, [self::OPEN, self::HALF, self::SHUT], true)) {
            throw InvalidFlow::blocked();
        }
    }

    /** Distance from the hub, 0 to 1 of the rack's radius. */
    public function radius(): float
    {
        return abs($this->place);
    }
}
