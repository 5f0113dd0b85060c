<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/** What a trace comes to: the next cards, the suspects, and what it costs to go on. */
final readonly class Diagnosis
{
    /**
     * @param non-empty-list<RankedOption> $deck the best first
     * @param array<string, float> $suspects chance of each cause, the likeliest first
     * @param array<string, float> $before the same without the last answer
     * @param array<string, array{int, float}> $moved the answer that moved each cause most, by its place among the
     *     answers, and by what it multiplied its chance
     * @param RepairPlan $plan without looking any further
     * @param Evidence $evidence as it was given
     * @param bool $callForSafety whether calling comes first because somebody can be hurt, whatever it costs
     * @param bool $callIsOfUse whether somebody who is called could put it right
     * @param ImpossibleEvidence|null $conflict set when what was answered contradicts itself; the answers are then left
     *     aside
     */
    public function __construct(
        public array $deck,
        public array $suspects,
        public array $before,
        public array $moved,
        public RepairPlan $plan,
        public Evidence $evidence,
        public bool $callForSafety,
        public ?ImpossibleEvidence $conflict,
        public bool $callIsOfUse = true,
    ) {
    }

    /** Nothing that is known explains what was noticed: only a call is left. */
    public static function unexplained(float $callFee, Evidence $evidence): self
    {
        $call = new RankedOption(RankedOption::CALL, RankedOption::CALL, $callFee, 1.0, $callFee);

        return new self([$call], [], [], [], new RepairPlan([], $callFee, 1.0), $evidence, false, null);
    }

    public static function of(FaultModel $model, Evidence $evidence, Evidence $before): self
    {
        $shooter = new Troubleshooter($model);
        $given = $evidence;
        $conflict = null;
        try {
            $suspects = $shooter->posterior($evidence);
        } catch (ImpossibleEvidence $conflict) {
            $done = array_map(static fn (array $answer): string => $answer[0], $evidence->answers);
            $evidence = new Evidence([], [], [...$evidence->skipped, ...$done, ...$evidence->failed]);
            $suspects = $shooter->posterior($evidence);
        }
        try {
            $earlier = $shooter->posterior($before);
        } catch (ImpossibleEvidence) {
            $earlier = $suspects;
        }
        arsort($suspects);

        $deck = $shooter->deck($evidence);
        $callForSafety = self::isDangerous($model, $suspects);

        $order = new DeckOrder($model);
        $done = count($given->answers) + count($given->failed);

        return new self(
            deck: $order->sorted($deck, $suspects, $callForSafety, $done),
            suspects: $suspects,
            before: $earlier,
            moved: null === $conflict ? self::moved($shooter, $evidence, $suspects) : [],
            plan: $shooter->plan($evidence),
            evidence: $given,
            callForSafety: $callForSafety,
            conflict: $conflict,
            callIsOfUse: $callForSafety || $order->isLong($done) || $order->isCallOfUse($suspects),
        );
    }

    /**
     * Whether what was noticed asks for the call by itself, or somebody can likely be hurt.
     *
     * @param array<string, float> $suspects
     */
    private static function isDangerous(FaultModel $model, array $suspects): bool
    {
        $danger = 0.0;
        foreach ($model->licensed ?? $model->hazards as $place) {
            $danger += $suspects[$model->causes[$place]] ?? 0.0;
        }

        return $model->callFirst || $danger >= $model->rules->call;
    }

    /**
     * @param array<string, float> $suspects
     *
     * @return array<string, array{int, float}>
     */
    private static function moved(Troubleshooter $shooter, Evidence $evidence, array $suspects): array
    {
        $moved = [];
        foreach (array_keys($evidence->answers) as $place) {
            $without = $shooter->posterior(
                new Evidence(array_values(array_diff_key($evidence->answers, [$place => true])), $evidence->failed, $evidence->skipped),
            );
            foreach ($suspects as $cause => $chance) {
                $times = $without[$cause] > 0 ? $chance / $without[$cause] : 1.0;
                if (abs(log(max($times, 1e-9))) > abs(log(max($moved[$cause][1] ?? 1.0, 1e-9)))) {
                    $moved[$cause] = [$place, $times];
                }
            }
        }

        return $moved;
    }
}
