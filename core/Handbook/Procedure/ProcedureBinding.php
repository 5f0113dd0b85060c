<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

/** What one machine in one household makes of a set of procedures: which steps, in which order, words and amounts. */
final readonly class ProcedureBinding
{
    /**
     * @param list<string> $order ids of the steps that are done, in their order
     * @param array<string, array<string, string>> $facts by step: traits of the machine, and what else conditions may
     *     ask for
     * @param array<string, string> $words what stands for {name} in sentences
     * @param array<string, list<array<string, mixed>>> $before data of steps that come in before a step, by its id
     * @param array<string, float> $strengths % of the agents at hand, by id
     * @param array<string, float> $factors what a recipe's volume of an agent is multiplied by, by id
     * @param array<string, array<array-key, mixed>> $ownSteps data of steps that the household adds, by id
     * @param array<string, array<array-key, mixed>> $ownParts data of parts that the household adds, by id
     * @param list<string> $otherCautions ids of cautions that are for other machines
     */
    public function __construct(
        public array $order = [],
        public array $facts = [],
        public array $words = [],
        public array $before = [],
        public array $strengths = [],
        public array $factors = [],
        public array $ownSteps = [],
        public array $ownParts = [],
        public array $otherCautions = [],
    ) {
    }

    /**
     * Data with its sentences and amounts as they are here.
     *
     * @param array<array-key, mixed> $data
     * @param string $step id, where it is that of a step
     *
     * @return array<array-key, mixed>
     */
    public function bind(array $data, string $step = ''): array
    {
        array_walk_recursive($data, function (mixed &$value): void {
            if (is_string($value) && str_contains($value, '{')) {
                $value = strtr($value, $this->words);
            }
        });
        if (is_array($data['timer'] ?? null)) {
            $data['timer'] = $this->timer($data['timer'], $this->facts[$step] ?? []);
        }
        if (isset($data['cautions']) && is_array($data['cautions'])) {
            $data['cautions'] = array_values(array_diff(array_filter($data['cautions'], is_string(...)), $this->otherCautions));
        }
        if (isset($data['amounts']) && is_array($data['amounts'])) {
            $data['amounts'] = array_map($this->amount(...), $data['amounts']);
        }

        return $data;
    }

    /**
     * A wait whose length hangs on a fact of the machine is as long as it is here.
     *
     * @param array<array-key, mixed> $timer
     * @param array<string, string> $facts
     *
     * @return array<array-key, mixed>
     */
    private function timer(array $timer, array $facts): array
    {
        $fact = is_string($timer['by'] ?? null) ? $facts[$timer['by']] ?? null : null;
        if (null !== $fact) {
            $longer = is_array($timer['longer'] ?? null) ? $timer['longer'] : [];
            $timer['minutes'] = $longer[$fact] ?? $timer['minutes'];
            unset($timer['by'], $timer['longer']);
        }

        return $timer;
    }

    private function amount(mixed $amount): mixed
    {
        if (is_array($amount) && is_string($amount['agent'] ?? null) && isset($this->strengths[$amount['agent']])) {
            $amount['strength'] = $this->strengths[$amount['agent']];
            if (isset($amount['byStrength'], $amount['ml']) && (is_int($amount['ml']) || is_float($amount['ml']))) {
                $amount['ml'] *= $this->factors[$amount['agent']] ?? 1.0;
            }
        }

        return $amount;
    }
}
