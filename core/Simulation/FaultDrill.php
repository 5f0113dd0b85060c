<?php

declare(strict_types=1);

namespace GoodRinse\Core\Simulation;

use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\Symptom;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\Machine\FaultCase;
use GoodRinse\Core\Trace\Machine\MachineFaults;
use GoodRinse\Core\Trace\Prices;
use GoodRinse\Core\Trace\RankedOption;

/**
 * Made-up households with a machine that has one fault, or now and then two, who follow the cards to the end: how many cards
 * it takes, what it costs, and whether the right cause stands first when it is put right.
 *
 * @phpstan-type Outcome array{cards: int, longest: int, cost: float, called: bool, right: bool, faults: int, byHand: bool, least: float}
 */
final readonly class FaultDrill
{
    private const CARDS = 30;
    private const MOST_SYMPTOMS = 4;

    /** Households of which one has two faults at once. */
    private const TWO_FAULTS = 6;

    private MachineFaults $faults;

    /** @param array<string, string> $traits of the machine */
    public function __construct(private FaultCatalog $trouble, private array $traits, private Prices $prices, private Dice $dice)
    {
        $this->faults = new MachineFaults($trouble);
    }

    /**
     * One household.
     *
     * @return Outcome
     */
    public function household(): array
    {
        $wear = [];
        foreach ($this->trouble->causes as $cause) {
            $wear[$cause->task ?? ''] ??= $this->dice->lognormal(0.7, 0.7);
        }
        unset($wear['']);
        $weights = $this->faults->weights(new FaultCase($this->traits, $this->prices, [], wear: $wear));
        $causes = [$this->drawn($weights)];
        if (1 === $this->dice->between(1, self::TWO_FAULTS)) {
            $causes[] = $this->drawn(array_diff_key($weights, [$causes[0] => 0.0]));
        }
        $outcome = ['cards' => 0, 'longest' => 0, 'cost' => 0.0, 'called' => false, 'right' => true, 'faults' => count($causes)]
            + [
                'byHand' => [] === array_filter($causes, fn (string $cause): bool => !$this->isDoneByHand($cause)),
                'least' => array_sum(array_map($this->least(...), $causes)),
            ];
        $case = new FaultCase($this->traits, $this->prices, $this->noticed($causes), wear: $wear);
        foreach ($this->faults->suspects($case)->groups() as $group) {
            $here = array_values(array_filter($causes, fn (string $cause): bool => $this->shows($cause, $group->symptoms)));
            if ([] !== $here && !$outcome['called']) {
                $outcome = $this->follow($group->symptoms, $here, $wear, $outcome);
                $causes = array_diff($causes, $here);
            }
        }

        return $outcome;
    }

    /**
     * @param list<string> $symptoms
     * @param list<string> $causes that are behind them
     * @param array<string, float> $wear
     * @param Outcome $outcome so far
     *
     * @return Outcome
     */
    private function follow(array $symptoms, array $causes, array $wear, array $outcome): array
    {
        $answers = $failed = [];
        $true = $causes;
        for ($card = 0; $card < self::CARDS; ++$card) {
            $model = $this->faults->model(new FaultCase($this->traits, $this->prices, $symptoms, wear: $wear, answers: $answers));
            $diagnosis = Diagnosis::of($model, new Evidence($answers, $failed), new Evidence());
            $next = $diagnosis->deck[0];
            ++$outcome['cards'];
            $outcome['longest'] = max($outcome['longest'], $card + 1);
            $outcome['cost'] += $next->cost;
            if (RankedOption::CALL === $next->kind) {
                return ['called' => true] + $outcome;
            }
            if (RankedOption::CHECK === $next->kind) {
                $answers[] = [$next->id, $this->result($next->id, $true[$this->dice->between(0, count($true) - 1)])];
                continue;
            }
            $causes = array_values(array_filter(
                $causes,
                fn (string $cause): bool => $this->dice->uniform() >= ($this->trouble->actions[$next->id]->fixes[$cause] ?? 0.0),
            ));
            if ([] === $causes) {
                return ['right' => $outcome['right'] && in_array($this->blamed($diagnosis, $next->id), $true, true)] + $outcome;
            }
            $failed[] = $next->id;
        }

        return ['called' => true, 'cost' => $outcome['cost'] + $this->prices->callFee] + $outcome;
    }

    /** What it costs somebody on average who knows the cause: the best thing to do, and a call when that does not help. */
    private function least(string $cause): float
    {
        $least = $this->prices->callFee;
        foreach ($this->trouble->actions as $action) {
            $helps = 'call' !== $action->kind && $action->when->holds($this->traits) ? $action->fixes[$cause] ?? 0.0 : 0.0;
            if ($helps > 0.0) {
                $own = $this->prices->of($action->minutes, $action->supplies);
                $least = min($least, $own + (1.0 - $helps) * $this->prices->callFee);
            }
        }

        return $least;
    }

    /** The likeliest of the suspects that what helped removes. */
    private function blamed(Diagnosis $diagnosis, string $action): string
    {
        $chances = [];
        foreach ($diagnosis->suspects as $cause => $chance) {
            $chances[$cause] = $chance * ($this->trouble->actions[$action]->fixes[$cause] ?? 0.0);
        }
        arsort($chances);

        return (string) array_key_first($chances);
    }

    /** Whether something that a person can do on this machine mostly mends it. */
    private function isDoneByHand(string $cause): bool
    {
        foreach ($this->trouble->actions as $action) {
            $helps = 'call' !== $action->kind && $action->when->holds($this->traits) ? $action->fixes[$cause] ?? 0.0 : 0.0;
            if ($helps >= $this->trouble->rules->named) {
                return true;
            }
        }

        return false;
    }

    private function result(string $check, string $cause): string
    {
        $chances = [];
        foreach ($this->trouble->checks[$check]->results as $result) {
            $chances[$result->id] = $result->chance($cause);
        }

        return $this->drawn($chances);
    }

    /**
     * @param list<string> $causes
     *
     * @return list<string> symptoms that the causes show, one at least
     */
    private function noticed(array $causes): array
    {
        $symptoms = array_filter($this->trouble->symptoms, fn (Symptom $symptom): bool => $symptom->when->holds($this->traits));
        $noticed = [];
        foreach ($causes as $cause) {
            $chances = array_map(static fn (Symptom $symptom): float => $symptom->chance($cause), array_filter(
                $symptoms,
                static fn (Symptom $symptom): bool => in_array($cause, $symptom->pointsTo(), true),
            ));
            $noticed[] = $this->drawn($chances);
            foreach ($chances as $symptom => $chance) {
                if (count($noticed) < self::MOST_SYMPTOMS && $this->dice->uniform() < $chance / 3) {
                    $noticed[] = $symptom; // not everything that could be seen is
                }
            }
        }

        return array_values(array_unique($noticed));
    }

    /** @param list<string> $symptoms */
    private function shows(string $cause, array $symptoms): bool
    {
        foreach ($symptoms as $symptom) {
            if (in_array($cause, $this->trouble->symptoms[$symptom]->pointsTo(), true)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, float> $weights not all 0 */
    private function drawn(array $weights): string
    {
        $at = $this->dice->uniform() * array_sum($weights);
        foreach ($weights as $id => $weight) {
            if (($at -= $weight) < 0) {
                return $id;
            }
        }

        return (string) array_key_last($weights);
    }
}
