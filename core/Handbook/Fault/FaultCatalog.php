<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

/** What can go wrong with a kind of machine: symptoms, checks, causes and what fixes them, with their odds. */
final readonly class FaultCatalog
{
    /**
     * @param string $basis how the odds were come by
     * @param array<string, Symptom> $symptoms by id
     * @param array<string, Cause> $causes
     * @param array<string, FaultCheck> $checks
     * @param array<string, FaultAction> $actions
     * @param array<string, Access> $accesses what has to be open for a look or a hand
     * @param list<array{list<string>, string}> $reasoning symptoms and what is concluded from them at once
     * @param FloodRule $floods what says that water stands in the machine
     */
    public function __construct(
        public string $basis,
        public array $symptoms,
        public array $causes,
        public array $checks,
        public array $actions,
        public FaultRules $rules,
        public array $accesses,
        public FloodRule $floods,
        private array $reasoning = [],
    ) {
    }

    /**
     * The same with what the procedures of actions really take of a person's hands.
     *
     * @param array<string, float> $minutes by procedure
     */
    public function taking(array $minutes): self
    {
        return $this->with(array_map(
            static fn (FaultAction $action): FaultAction => isset($minutes[$action->procedure ?? ''])
                ? $action->taking($minutes[$action->procedure])
                : $action,
            $this->actions,
        ));
    }

    /**
     * The same without actions whose procedure is not among these.
     *
     * @param list<string> $procedures ids that machine and household allow
     */
    public function offering(array $procedures): self
    {
        return $this->with(array_filter(
            $this->actions,
            static fn (FaultAction $action): bool => null === $action->procedure || in_array($action->procedure, $procedures, true),
        ));
    }

    /** @param array<string, FaultAction> $actions */
    private function with(array $actions): self
    {
        return new self(
            $this->basis,
            $this->symptoms,
            $this->causes,
            $this->checks,
            $actions,
            $this->rules,
            $this->accesses,
            $this->floods,
            $this->reasoning,
        );
    }

    /**
     * What somebody who mends such machines concludes at once from what was noticed; null where that is nothing in particular.
     *
     * @param list<string> $noticed
     */
    public function concluded(array $noticed): ?string
    {
        $best = [];
        $says = null;
        foreach ($this->reasoning as [$symptoms, $text]) {
            if ([] === array_diff($symptoms, $noticed) && count($symptoms) > count($best)) {
                [$best, $says] = [$symptoms, $text];
            }
        }

        return $says;
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
     * The causes that any of these symptoms points to; symptoms that are not in the handbook point to none.
     *
     * @param list<string> $noticed ids of symptoms
     *
     * @return list<string> ids of causes, one that two symptoms point to stands twice
     */
    public function suspectsOf(array $noticed): array
    {
        $suspects = [];
        foreach (array_intersect_key($this->symptoms, array_flip($noticed)) as $symptom) {
            array_push($suspects, ...$symptom->pointsTo());
        }

        return $suspects;
    }

    /**
     * What symptoms are called; one that is not in the handbook any more goes by its id.
     *
     * @param list<string> $symptoms ids
     *
     * @return list<string> in the order they were given
     */
    public function namesOf(array $symptoms): array
    {
        return array_map(fn (string $id): string => $this->symptoms[$id]->name ?? $id, $symptoms);
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
