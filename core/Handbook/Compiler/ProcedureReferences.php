<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use GoodRinse\Core\Handbook\Procedure\Condition;

/**
 * Checks a procedure as a whole: that waits have begun, parts have come off and go back, and it says how they are left.
 *
 * @internal to this folder
 */
final readonly class ProcedureReferences
{
    /** @param array<string, list<string>> $facts what conditions may ask for, with the answers there are */
    public function __construct(private ProblemList $problems, private array $facts)
    {
    }

    /** @param array<string, Node> $steps of the kind, by id */
    public function check(Node $procedure, array $steps): void
    {
        $file = $procedure->string('file');
        $used = $procedure->at('steps')->strings();
        $this->problems->known($file, '/steps', 'step', $used, array_keys($steps));
        $this->problems->known($file, '/essential', 'step of this procedure', $procedure->at('essential')->strings(), $used);
        $this->problems->condition($file, '/when', $procedure->condition('when'), $this->facts);
        $used = array_map(static fn (string $id): Node => $steps[$id], array_values(array_intersect($used, array_keys($steps))));
        $this->partsBeforeUse($file, $used);
        $this->howItIsLeft($file, $used);
        $condition = $procedure->condition('when');
        foreach ($this->machines($used, $condition) as $machine) {
            $trouble = $this->unclosed(array_filter($used, static fn (Node $step): bool => $step->condition('when')->holds($machine)));
            if (null !== $trouble) {
                $this->problems->add($file, '/steps', sprintf(
                    '%s on a machine with %s',
                    $trouble,
                    implode(
                        ', ',
                        array_map(static fn (string $trait, string $value): string => "$trait $value", array_keys($machine), $machine),
                    )
                        ?: 'any traits',
                ));

                return;
            }
        }
    }

    /**
     * Where a part is judged and then treated, something must say how it is left, or it counts as left as found.
     *
     * @param list<Node> $steps
     */
    private function howItIsLeft(string $file, array $steps): void
    {
        $pours = array_filter($steps, static fn (Node $step): bool => [] !== $step->at('amounts')->items());
        $judged = array_filter([
            ...array_map(static fn (Node $step): ?string => $step->optional('marks'), $steps),
            ...array_map(
                static fn (Node $step): ?string => 'left' === $step->at('capture')->optional('means')
                    ? $step->at('capture')->optional('of')
                    : null,
                $steps,
            ),
        ]);
        foreach ([] === $pours ? [] : $steps as $step) {
            $task = 'found' === $step->at('capture')->optional('means') ? $step->at('capture')->optional('of') : null;
            if (null !== $task && !in_array($task, $judged, true)) {
                $this->problems->add(
                    $file,
                    '/steps',
                    sprintf('"%s" finds how %s is, and no step says how it is left: grade it again or mark it', $step->string('id'), $task),
                );
            }
        }
    }

    /**
     * What is not put back in the reverse of the order it came off in; null when all is.
     *
     * @param array<Node> $steps
     */
    private function unclosed(array $steps): ?string
    {
        $tray = [];
        foreach ($steps as $step) {
            $off = $step->optional('takesOff');
            $back = $step->optional('putsBack');
            if (null !== $off) {
                $tray[] = $off;
            }
            if (null !== $back && $back !== array_pop($tray)) {
                return sprintf('"%s" puts back %s out of turn', $step->string('id'), $back);
            }
        }

        return [] === $tray ? null : sprintf('takes off %s and does not put it back', implode(', ', $tray));
    }

    /**
     * A wait must have begun, and a part must have come off, before a step counts on it.
     *
     * @param list<Node> $steps
     */
    private function partsBeforeUse(string $file, array $steps): void
    {
        $seen = $off = [];
        foreach ($steps as $step) {
            $waitsFor = $step->optional('waitsFor');
            if (null !== $waitsFor && !in_array($waitsFor, $seen, true)) {
                $this->problems->add(
                    $file,
                    '/steps',
                    sprintf('"%s" waits for "%s", which does not come before it', $step->string('id'), $waitsFor),
                );
            }
            $back = $step->optional('putsBack');
            if (null !== $back && !in_array($back, $off, true)) {
                $this->problems->add(
                    $file,
                    '/steps',
                    sprintf('"%s" puts back %s, which no earlier step takes off', $step->string('id'), $back),
                );
            }
            $seen[] = $step->string('id');
            array_push($off, ...array_filter([$step->optional('takesOff')]));
        }
    }

    /**
     * Every machine that the traits these steps ask for can make.
     *
     * @param list<Node> $steps
     * @param Condition $condition that the procedure itself makes
     *
     * @return list<array<string, string>>
     */
    private function machines(array $steps, Condition $condition): array
    {
        $asked = $condition->sets;
        foreach ($steps as $step) {
            if ($step->has('takesOff') || $step->has('putsBack')) {
                $asked += $step->condition('when')->sets;
            }
        }
        $machines = [[]];
        foreach (array_intersect_key($this->facts, $asked) as $trait => $options) {
            $wider = [];
            foreach ($machines as $machine) {
                foreach ($options as $option) {
                    $wider[] = [...$machine, $trait => $option];
                }
            }
            $machines = $wider;
        }

        return array_values(array_filter($machines, $condition->holds(...)));
    }
}
