<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Compiler\Node;

/**
 * Builds what can go wrong with a kind of machine from checked data.
 *
 * @internal to the handbook
 */
final readonly class FaultReader
{
    /** @param array<string, string> $defaults what traits stand at where a machine does not say */
    public function __construct(private FaultRules $rules, private array $defaults)
    {
    }

    public function read(Node $node): FaultCatalog
    {
        return new FaultCatalog(
            $node->string('basis'),
            array_map($this->symptom(...), $node->at('symptoms')->byId()),
            array_map($this->cause(...), $node->at('causes')->byId()),
            array_map($this->check(...), $node->at('checks')->byId()),
            array_map($this->action(...), $node->at('actions')->byId()),
            $this->rules,
            array_map(fn (Node $access): Access => new Access(
                $access->string('id'),
                $access->string('name'),
                $access->number('minutes'),
                $access->condition('when', $this->defaults),
                $access->flag('flooded'),
            ), $node->at('accesses')->byId()),
            FloodRule::read($node->at('floods')),
            array_map(
                static fn (Node $each): array => [$each->at('symptoms')->strings(), $each->string('conclusion')],
                $node->at('reasoning')->items(),
            ),
        );
    }

    private function symptom(Node $symptom): Symptom
    {
        return new Symptom(
            $symptom->string('id'),
            $symptom->string('name'),
            $symptom->number('severity'),
            $symptom->number('else'),
            $symptom->at('given')->numbers(),
            $symptom->flag('where'),
            $symptom->condition('when', $this->defaults),
            $symptom->optional('light'),
            $symptom->optional('now'),
        );
    }

    private function cause(Node $cause): Cause
    {
        return new Cause(
            $cause->string('id'),
            $cause->string('name'),
            $cause->number('weight'),
            $cause->optional('part'),
            $cause->optional('task'),
            $cause->flag('hazard'),
            $cause->condition('when', $this->defaults),
            $cause->optional('now'),
        );
    }

    private function check(Node $check): FaultCheck
    {
        return new FaultCheck(
            id: $check->string('id'),
            name: $check->string('name'),
            how: $check->string('how'),
            minutes: $check->number('minutes'),
            results: array_map(
                static fn (Node $result): CheckResult => new CheckResult(
                    $result->string('id'),
                    $result->string('name'),
                    $result->number('else'),
                    $result->at('given')->numbers(),
                ),
                $check->at('results')->items(),
            ),
            hazard: $check->flag('hazard'),
            when: $check->condition('when', $this->defaults),
            task: $check->optional('task'),
            asOpened: $check->has('asOpened') ? [$check->at('asOpened')->string('shut'), $check->at('asOpened')->string('open')] : null,
            residue: $check->has('residue') ? [$check->at('residue')->string('vessel'), $check->at('residue')->string('result')] : null,
            needs: $check->at('needs')->strings(),
            dry: $check->flag('dry'),
            for: $check->at('for')->strings(),
            measured: $check->at('measured')->at('results')->texts(),
            measuredBy: $check->has('measured') ? $check->at('measured')->string('by') : null,
        );
    }

    private function action(Node $action): FaultAction
    {
        return new FaultAction(
            id: $action->string('id'),
            name: $action->string('name'),
            kind: $action->string('kind'),
            minutes: $action->number('minutes'),
            supplies: $action->has('supplies') ? $action->number('supplies') : 0.0,
            fixes: $action->at('fixes')->numbers(),
            procedure: $action->optional('procedure'),
            how: $action->optional('how'),
            when: $action->condition('when', $this->defaults),
            notHere: $action->optional('notHere'),
            needs: $action->at('needs')->strings(),
            dry: $action->flag('dry'),
            helped: $action->optional('helped'),
            tells: self::tells($action->at('tells')->raw()),
        );
    }

    /**
     * @param array<array-key, mixed> $raw
     *
     * @return array<string, string> option by trait
     */
    private static function tells(array $raw): array
    {
        $tells = [];
        foreach ($raw as $trait => $option) {
            $tells[(string) $trait] = is_string($option) ? $option : '';
        }

        return $tells;
    }
}
