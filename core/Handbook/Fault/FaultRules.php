<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Compiler\Node;

/** How finding a fault weighs what it knows, as the handbook's faults.yaml states it. */
final readonly class FaultRules
{
    /**
     * @param float $prior strength of the handbook's odds, in confirmed cases, above 0
     * @param float $elsewhere weight of a case confirmed on another machine of the household, 0 to 1
     * @param float $danger chance from which a danger is asked about before everything else, 0 to 1
     * @param float $call chance of hazards together from which calling somebody comes first, 0 to 1
     * @param float $urgent chance from which what a hazard asks for at once is shown, 0 to 1
     * @param float $named chance of helping from which an action is named as what helps, 0 to 1
     * @param float $telling difference of two chances from which a result tells of a cause, 0 to 1
     */
    public function __construct(
        public float $prior,
        public float $elsewhere,
        public float $danger,
        public float $call,
        public float $urgent,
        public float $telling,
        public float $named,
    ) {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        $confirmed = $node->at('confirmed');

        return new self(
            prior: $confirmed->number('prior'),
            elsewhere: $confirmed->number('elsewhere'),
            danger: $node->number('danger'),
            call: $node->number('call'),
            urgent: $node->number('urgent'),
            telling: $node->number('telling'),
            named: $node->number('named'),
        );
    }
}
