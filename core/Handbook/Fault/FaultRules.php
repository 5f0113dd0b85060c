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
     * @param float $further what every fault beyond the first multiplies the odds of an explanation by, 0 to 1
     * @param float $fresh share of its odds that a cause keeps whose care task has just been done, 0 to 1
     * @param float $mostWear wear of that task beyond which its odds grow no more, 1 or more
     * @param float $clear chance from which a suspect is dealt with and not looked into any further, 0 to 1
     * @param int $patience cards after which calling comes first, 1 or more
     * @param float $cheap a remedy that costs less than so many of the next check is tried first, 1 or more
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
        public float $further,
        public float $fresh,
        public float $mostWear,
        public float $clear,
        public float $cheap,
        public int $patience,
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
            further: $node->number('further'),
            fresh: $node->at('wear')->number('fresh'),
            mostWear: $node->at('wear')->number('most'),
            clear: $node->number('clear'),
            cheap: $node->number('cheap'),
            patience: (int) $node->number('patience'),
        );
    }
}
