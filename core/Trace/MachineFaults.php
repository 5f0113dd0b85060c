<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

use GoodRinse\Core\Handbook\Fault\Cause;
use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\FaultCheck;
use GoodRinse\Core\Handbook\Fault\Symptom;

/** Sets up the fault model of one machine from the handbook, what was learned and what was noticed. */
final readonly class MachineFaults
{
    private const CALL = 'call';

    /**
     * @param array<string, string> $traits
     * @param list<string> $present symptoms that were noticed
     * @param list<string> $absent symptoms that somebody looked for and did not find
     */
    public function model(
        FaultCatalog $trouble,
        array $traits,
        Prices $prices,
        array $present,
        array $absent = [],
        ConfirmedCauses $confirmed = new ConfirmedCauses(),
    ): FaultModel {
        $causes = array_filter($trouble->causes, static fn (Cause $cause): bool => $cause->when->holds($traits));
        $weights = $confirmed->learned(array_map(static fn (Cause $cause): float => $cause->weight, $causes), $trouble->rules);
        foreach ($weights as $cause => $weight) {
            foreach ($present as $symptom) {
                $weights[$cause] *= $this->symptom($trouble, $symptom)->chance($cause);
            }
            foreach ($absent as $symptom) {
                $weights[$cause] *= 1 - $this->symptom($trouble, $symptom)->chance($cause);
            }
        }
        $ids = array_keys($causes);

        return new FaultModel(
            $ids,
            array_values($weights),
            array_values(array_map(
                static fn (FaultCheck $check): Check => new Check(
                    $check->id,
                    $prices->of($check->minutes),
                    self::results($check, $ids),
                    $check->hazard,
                ),
                array_filter($trouble->checks, static fn (FaultCheck $check): bool => $check->when->holds($traits)),
            )),
            array_values(array_map(
                static fn (FaultAction $action): Action => new Action(
                    $action->id,
                    $prices->of($action->minutes, $action->supplies),
                    self::fixes($action, $ids),
                ),
                array_filter(
                    $trouble->actions,
                    static fn (FaultAction $action): bool => self::CALL !== $action->kind && $action->when->holds($traits),
                ),
            )),
            $prices->callFee,
            $trouble->rules,
            array_keys(array_filter(array_values($causes), static fn (Cause $cause): bool => $cause->hazard)),
            [] !== array_filter($present, fn (string $symptom): bool => null !== $this->symptom($trouble, $symptom)->now),
        );
    }

    private function symptom(FaultCatalog $trouble, string $id): Symptom
    {
        return $trouble->symptoms[$id] ?? throw UnknownOption::symptom($id);
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
