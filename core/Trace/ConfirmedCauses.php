<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

use GoodRinse\Core\Handbook\Fault\FaultRules;

/** How often each cause was confirmed, here and on the household's other machines. */
final readonly class ConfirmedCauses
{
    /**
     * @param array<string, int> $here by cause, on this machine
     * @param array<string, int> $elsewhere by cause, on others of the household
     */
    public function __construct(public array $here = [], private array $elsewhere = [])
    {
    }

    /**
     * The handbook's weights with what was learned.
     *
     * @param array<string, float> $weights by cause, above 0
     *
     * @return array<string, float> adding up to the prior's weight and what was confirmed
     */
    public function learned(array $weights, FaultRules $rules): array
    {
        $whole = array_sum($weights);
        $learned = [];
        foreach ($weights as $cause => $weight) {
            $learned[$cause] = $rules->prior * $weight / $whole + ($this->here[$cause] ?? 0) + $rules->elsewhere * (
                $this->elsewhere[$cause] ?? 0
            );
        }

        return $learned;
    }
}
