<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

use App\Support\Scalar;

/** A job that a plan can hold. */
final readonly class PlanChoice
{
    /**
     * @param string $value "machine:procedure"
     * @param string $when when it is due, in words
     * @param string $minutes of hands by itself, in words
     * @param string $waits what runs by itself in it, in words; empty where nothing does for long
     * @param float $wear foulings since clean
     * @param bool $isNew whether nobody has looked yet
     * @param bool $isLeft whether it was picked and there is no time for it
     */
    public function __construct(
        public string $value,
        public string $name,
        public string $when,
        public string $minutes,
        public string $waits,
        public float $wear,
        public bool $isNew,
        public bool $isPicked,
        public bool $isLeft,
    ) {
    }

    /** What stands beside its name. */
    public function note(): string
    {
        return $this->isLeft
            ? Scalar::text(__('plan.left'))
            : implode(', ', array_filter([
                $this->when,
                Scalar::text(__('plan.by_hand', ['minutes' => $this->minutes])),
                '' === $this->waits ? '' : Scalar::text(__('plan.by_itself', ['minutes' => $this->waits])),
            ]));
    }
}
