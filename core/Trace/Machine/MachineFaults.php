<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace\Machine;

use GoodRinse\Core\Handbook\Fault\Cause;
use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\FaultCheck;
use GoodRinse\Core\Handbook\Fault\Symptom;
use GoodRinse\Core\Trace\Action;
use GoodRinse\Core\Trace\Check;
use GoodRinse\Core\Trace\FaultModel;
use GoodRinse\Core\Trace\Suspect\NoticedSymptom;
use GoodRinse\Core\Trace\Suspect\SuspectModel;
use GoodRinse\Core\Trace\UnknownOption;

/**
 * Sets up the fault model of one machine from the handbook, what was learned and what was noticed: only causes that explain
 * something noticed, only checks that tell two of them apart and remedies that help against one, each at the price of what
 * has to be opened for it.
 */
final readonly class MachineFaults
{
    private const CALL = 'call';

    /** By so much two causes must differ in a result for a check to tell them apart. */
    private const SLACK = 1e-9;

    public function __construct(private FaultCatalog $trouble)
    {
    }

    /**
     * How likely each possible cause is before anything was noticed: how common it is, what was confirmed here, and how worn
     * the care task is that prevents it.
     *
     * @return array<string, float> by cause, above 0
     */
    public function weights(FaultCase $case): array
    {
        $causes = array_filter($this->trouble->causes, static fn (Cause $cause): bool => $cause->when->holds($case->traits));
        $learned = $case->confirmed->learned(
            array_map(static fn (Cause $cause): float => $cause->weight, $causes),
            $this->trouble->rules,
        );

        return array_map(
            fn (Cause $cause): float => SuspectModel::weight(
                $learned[$cause->id],
                null === $cause->task ? null : $case->wear[$cause->task] ?? null,
                $this->trouble->rules,
            ),
            $causes,
        );
    }

    /** What was noticed, divided by how many faults most likely explain it. */
    public function suspects(FaultCase $case): SuspectModel
    {
        return new SuspectModel(
            $this->weights($case),
            array_map($this->noticed(...), $case->present),
            $this->trouble->rules,
        );
    }

    /** @throws UnexplainedSymptoms when no cause that this machine can have explains anything that was noticed */
    public function model(FaultCase $case): FaultModel
    {
        $named = [];
        foreach ($case->present as $symptom) {
            array_push($named, ...$this->symptom($symptom)->pointsTo());
        }
        $weights = array_intersect_key($this->weights($case), array_flip($named));
        foreach (array_keys($weights) as $cause) {
            foreach ($case->present as $symptom) {
                $weights[$cause] *= $this->symptom($symptom)->chance($cause);
            }
            foreach ($case->absent as $symptom) {
                $weights[$cause] *= 1 - $this->symptom($symptom)->chance($cause);
            }
        }
        $weights = array_filter($weights, static fn (float $weight): bool => $weight > 0);
        $ids = array_keys($weights);

        return [] === $ids ? throw UnexplainedSymptoms::of($case->present) : new FaultModel(
            $ids,
            array_values($weights),
            $this->checks($case, $ids),
            $this->actions($case, $ids),
            $case->prices->callFee,
            $this->trouble->rules,
            array_keys(array_filter($ids, fn (string $cause): bool => $this->trouble->causes[$cause]->hazard)),
            [] !== array_filter($case->present, fn (string $symptom): bool => null !== $this->symptom($symptom)->now),
            $this->mended($ids),
            array_keys(array_filter($ids, fn (string $id): bool => $this->trouble->causes[$id]->hazard && !$this->isDoneByHand($id))),
        );
    }

    /**
     * @param list<string> $causes
     *
     * @return list<Check> those that were answered, and those that tell two suspects apart
     */
    private function checks(FaultCase $case, array $causes): array
    {
        $access = new CardAccess($this->trouble, $case);
        $answered = [...array_column($case->answers, 0), ...$case->known];
        $checks = [];
        foreach ($this->trouble->checks as $check) {
            $isAnswered = in_array($check->id, $answered, true);
            $results = self::results($check, $causes);
            if ($isAnswered || ($access->isPossible($check) && self::isTelling($results))) {
                $checks[] = new Check($check->id, $access->price($check), $results, $check->hazard);
            }
        }

        return $checks;
    }

    /**
     * @param list<string> $causes
     *
     * @return list<Action> those that help against a suspect
     */
    private function actions(FaultCase $case, array $causes): array
    {
        $access = new CardAccess($this->trouble, $case);
        $actions = [];
        foreach ($this->trouble->actions as $action) {
            $fixes = self::fixes($action, $causes);
            if (self::CALL !== $action->kind && [] !== array_filter($fixes) && $access->isPossible($action)) {
                $actions[] = new Action($action->id, $access->price($action), $fixes);
            }
        }

        return $actions;
    }

    /** Whether a person may put it right without somebody who is called. */
    private function isDoneByHand(string $cause): bool
    {
        foreach ($this->trouble->actions as $action) {
            if (self::CALL !== $action->kind && ($action->fixes[$cause] ?? 0.0) >= $this->trouble->rules->named) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<string> $causes
     *
     * @return list<int> places of those that somebody who is called can put right
     */
    private function mended(array $causes): array
    {
        $mended = [];
        foreach ($this->trouble->actions as $action) {
            $mended += self::CALL === $action->kind ? array_filter(self::fixes($action, $causes)) : [];
        }

        return array_keys($mended);
    }

    private function noticed(string $id): NoticedSymptom
    {
        $symptom = $this->symptom($id);
        $given = [];
        foreach ($symptom->pointsTo() as $cause) {
            $given[$cause] = $symptom->chance($cause);
        }

        return new NoticedSymptom($id, $symptom->severity, $symptom->else, $given);
    }

    private function symptom(string $id): Symptom
    {
        return $this->trouble->symptoms[$id] ?? throw UnknownOption::symptom($id);
    }

    /** @param array<string, array<int, float>> $results */
    private static function isTelling(array $results): bool
    {
        foreach ($results as $chances) {
            if ([] !== $chances && max($chances) - min($chances) > self::SLACK) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<string> $causes
     *
     * @return array<string, array<int, float>>
     */
    private static function results(FaultCheck $check, array $causes): array
    {
        $results = [];
        foreach ($check->results as $result) {
            $results[$result->id] = array_map(static fn (string $cause): float => $result->chance($cause), $causes);
        }

        return $results;
    }

    /**
     * @param list<string> $causes
     *
     * @return array<int, float>
     */
    private static function fixes(FaultAction $action, array $causes): array
    {
        $fixes = [];
        foreach ($causes as $place => $cause) {
            if (isset($action->fixes[$cause])) {
                $fixes[$place] = $action->fixes[$cause];
            }
        }

        return $fixes;
    }
}
