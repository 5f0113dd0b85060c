<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Quantity\Portion;

/** What must be within reach before a procedure starts, gathered from its steps. */
final readonly class KitList
{
    /**
     * @param list<string>           $tools  kit ids, in the order they are needed
     * @param array<string, Portion> $agents how much of each agent, by id
     */
    private function __construct(public array $tools, public array $agents)
    {
    }

    /** @param array<string, string> $answers expected, by capture id */
    public static function of(Procedure $procedure, array $answers): self
    {
        $tools = $agents = [];
        foreach ($procedure->steps as $step) {
            if ($step->if->holds($answers)) {
                array_push($tools, ...$step->tools);
                foreach ($step->amounts as $amount) {
                    $agents[$amount->agent] = isset($agents[$amount->agent]) ? $agents[$amount->agent]->plus($amount->portion) : $amount->portion;
                }
            }
        }

        return new self(array_values(array_unique($tools)), $agents);
    }
}
