<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

use GoodRinse\Core\Handbook\Compiler\Node;

/** What one run of a machine takes in a care job, as the handbook's cupboard.yaml states it. */
final readonly class MachineRun
{
    private const LITRES_IN_CUBIC_METRE = 1000.0;

    /**
     * @param float $litres of water, 0 or more
     * @param float $power kilowatt-hours, 0 or more
     */
    public function __construct(public float $litres, public float $power)
    {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        return new self($node->number('litres'), $node->number('power'));
    }

    /**
     * @param float $water price of a cubic metre, drain included, 0 or more
     * @param float $power price of a kilowatt-hour, 0 or more
     *
     * @return float in the same money
     */
    public function cost(float $water, float $power): float
    {
        return $this->litres / self::LITRES_IN_CUBIC_METRE * $water + $this->power * $power;
    }
}
