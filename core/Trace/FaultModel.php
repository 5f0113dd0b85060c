<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

use GoodRinse\Core\Handbook\Fault\FaultRules;

/** What may be wrong with a machine: one cause of several, checks that tell them apart and actions that may help. */
final readonly class FaultModel
{
    /**
     * @param list<string> $causes ids
     * @param list<float> $weights how likely each cause is before anything is looked at, 0 or more, not all 0
     * @param list<Check> $checks
     * @param list<Action> $actions
     * @param float $callFee what it costs to have somebody come, who fixes everything; 0 or more
     * @param list<int> $hazards places of the causes by which somebody could be hurt
     * @param bool $callFirst whether what was noticed is itself a reason to switch off and call
     * @param list<int>|null $licensed places of the hazards that only somebody who is called can put right; null for all of them
     * @param list<int>|null $mended places of the causes that whoever is called can put right; null for all
     */
    public function __construct(
        public array $causes,
        public array $weights,
        public array $checks,
        public array $actions,
        public float $callFee,
        public FaultRules $rules,
        public array $hazards = [],
        public bool $callFirst = false,
        public ?array $mended = null,
        public ?array $licensed = null,
    ) {
    }

    public function check(string $id): Check
    {
        foreach ($this->checks as $check) {
            if ($check->id === $id) {
                return $check;
            }
        }

        throw UnknownOption::check($id);
    }

    public function action(string $id): Action
    {
        foreach ($this->actions as $action) {
            if ($action->id === $id) {
                return $action;
            }
        }

        throw UnknownOption::action($id);
    }
}
