<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Quantity\Volume;

/** What must be within reach before a procedure starts, gathered from its steps. */
final readonly class KitList
{
    /**
     * @param list<string>          $tools  kit ids, in the order they are needed
     * @param array<string, Volume> $agents volume of each agent, by id
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
                    $agents[$amount->agent] = Volume::ml(($agents[$amount->agent] ?? Volume::ml(0))->ml + $amount->volume->ml);
                }
            }
        }

        return new self(array_values(array_unique($tools)), $agents);
    }
}
