<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Compiler\Node;

/** What can go wrong with a kind of machine: symptoms, checks, causes and what fixes them, with their odds. */
final readonly class FaultCatalog
{
    /**
     * @param string $basis how the odds were come by
     * @param array<string, Symptom> $symptoms by id
     * @param array<string, Cause> $causes
     * @param array<string, FaultCheck> $checks
     * @param array<string, FaultAction> $actions
     */
    private function __construct(
        public string $basis,
        public array $symptoms,
        public array $causes,
        public array $checks,
        public array $actions,
        public FaultRules $rules,
    ) {
    }

    /**
     * The same with what the procedures of actions really take of a person's hands.
     *
     * @param array<string, float> $minutes by procedure
     */
    public function taking(array $minutes): self
    {
        return new self(
            $this->basis,
            $this->symptoms,
            $this->causes,
            $this->checks,
            array_map(
                static fn (FaultAction $action): FaultAction => isset($minutes[$action->procedure ?? ''])
                    ? $action->taking($minutes[$action->procedure])
                    : $action,
                $this->actions,
            ),
            $this->rules,
        );
    }

    /**
     * The same without actions whose procedure is not among these.
     *
     * @param list<string> $procedures ids that machine and household allow
     */
    public function offering(array $procedures): self
    {
        return new self(
            $this->basis,
            $this->symptoms,
            $this->causes,
            $this->checks,
            array_filter(
                $this->actions,
                static fn (FaultAction $action): bool => null === $action->procedure || in_array($action->procedure, $procedures, true),
            ),
            $this->rules,
        );
    }

    /** The part that a remedy is done to: that of the cause it helps most surely; null where none of its causes names one. */
    public function partOf(FaultAction $action): ?string
    {
        $fixes = $action->fixes;
        arsort($fixes);
        foreach (array_keys($fixes) as $cause) {
            if (null !== $part = $this->causes[$cause]->part ?? null) {
                return $part;
            }
        }

        return null;
    }

    /**
     * @internal to the handbook
     *
     * @param array<string, string> $defaults what traits stand at where a machine does not say
     */
    public static function read(Node $node, FaultRules $rules, array $defaults): self
    {
        return new self(
            $node->string('basis'),
            array_map(static fn (Node $symptom): Symptom => new Symptom(
                $symptom->string('id'),
                $symptom->string('name'),
                $symptom->number('else'),
                $symptom->at('given')->numbers(),
                $symptom->flag('where'),
                $symptom->condition('when', $defaults),
                $symptom->optional('light'),
                $symptom->optional('now'),
            ), $node->at('symptoms')->byId()),
            array_map(static fn (Node $cause): Cause => new Cause(
                $cause->string('id'),
                $cause->string('name'),
                $cause->number('weight'),
                $cause->optional('part'),
                $cause->optional('task'),
                $cause->flag('hazard'),
                $cause->condition('when', $defaults),
                $cause->optional('now'),
            ), $node->at('causes')->byId()),
            array_map(static fn (Node $check): FaultCheck => new FaultCheck(
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
                when: $check->condition('when', $defaults),
                task: $check->optional('task'),
                told: $check->has('told') ? [$check->at('told')->string('shut'), $check->at('told')->string('open')] : null,
                residue: $check->has('residue') ? [$check->at('residue')->string('vessel'), $check->at('residue')->string('result')] : null,
            ), $node->at('checks')->byId()),
            array_map(static fn (Node $action): FaultAction => new FaultAction(
                id: $action->string('id'),
                name: $action->string('name'),
                kind: $action->string('kind'),
                minutes: $action->number('minutes'),
                supplies: $action->has('supplies') ? $action->number('supplies') : 0.0,
                fixes: $action->at('fixes')->numbers(),
                procedure: $action->optional('procedure'),
                how: $action->optional('how'),
                when: $action->condition('when', $defaults),
                notHere: $action->optional('notHere'),
            ), $node->at('actions')->byId()),
            $rules,
        );
    }

    /**
     * What may be behind a symptom, the likeliest first: how common each cause is, times how surely it shows the symptom.
     *
     * @return list<Cause>
     */
    public function causesOf(Symptom $symptom): array
    {
        $causes = array_values(array_intersect_key($this->causes, array_flip($symptom->pointsTo())));
        usort(
            $causes,
            static fn (Cause $a, Cause $b): int => $b->weight * $symptom->chance($b->id) <=> $a->weight * $symptom->chance($a->id),
        );

        return $causes;
    }

    /**
     * The action to try first against a cause on a machine of these traits: the one that costs least for each time it
     * helps. What rarely helps comes after what mostly does, and calling somebody after everything else. Null where there is none.
     *
     * @param array<string, string> $traits
     * @param float $hour what an hour of a person's time is worth, 0 or more, in the money of the supplies
     */
    public function bestFor(string $cause, array $traits, float $hour): ?FaultAction
    {
        $helping = array_filter(
            $this->actions,
            static fn (FaultAction $action): bool => $action->when->holds($traits) && ($action->fixes[$cause] ?? 0) > 0,
        );
        $cost = static fn (FaultAction $action): float => ($action->minutes / 60 * $hour + $action->supplies) / $action->fixes[$cause];
        $rank = fn (FaultAction $action): array => ['call' === $action->kind, $action->fixes[$cause] < $this->rules->named, $cost($action)];
        usort($helping, static fn (FaultAction $a, FaultAction $b): int => $rank($a) <=> $rank($b));

        return $helping[0] ?? null;
    }

    /**
     * Symptoms that may come from a care task left too long, on a machine of these traits.
     *
     * @param array<string, string> $traits
     *
     * @return array<string, string> names by id, the most telling first
     */
    public function pointingTo(string $task, array $traits): array
    {
        $causes = array_filter($this->causes, static fn (Cause $cause): bool => $cause->task === $task && $cause->when->holds($traits));
        $chance = $names = [];
        foreach ($this->symptoms as $symptom) {
            $telling = array_intersect_key($causes, array_flip($symptom->pointsTo()));
            if ([] !== $telling && $symptom->when->holds($traits)) {
                $chance[$symptom->id] = max(array_map(static fn (Cause $cause): float => $symptom->chance($cause->id), $telling));
                $names[$symptom->id] = $symptom->name;
            }
        }
        arsort($chance);

        return array_map(static fn (string $id): string => $names[$id], array_combine(array_keys($chance), array_keys($chance)));
    }
}
