<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\Condition;

/**
 * Checks the steps and procedures of a machine kind.
 *
 * @internal to this folder
 */
final readonly class StepReferences
{
    /**
     * @param array<string, list<string>> $facts what conditions may ask for, with the answers there are
     * @param list<string> $parts
     * @param list<string> $tasks
     * @param list<string> $vessels
     * @param list<string> $words that sentences may hold in braces
     */
    public function __construct(
        private ProblemList $problems,
        private SharedIds $shared,
        private array $facts,
        private array $parts,
        private array $tasks,
        private array $vessels,
        private array $words,
    ) {
    }

    public function check(Node $kind): void
    {
        $answers = $this->answers($kind->at('steps'));
        $ids = [];
        foreach ($kind->at('steps')->items() as $step) {
            [$file, $pointer] = [...$step->at('at')->strings(), '', ''];
            $id = $step->string('id');
            if (isset($ids[$id])) {
                $this->problems->add($file, "$pointer/id", sprintf('"%s" is there twice, first in %s', $id, $ids[$id]));
            }
            $ids[$id] ??= $file;
        }
        foreach ($kind->at('steps')->items() as $step) {
            [$file, $pointer] = [...$step->at('at')->strings(), '', ''];
            $this->step($file, $pointer, $step, array_keys($ids), $answers);
        }
        foreach ($kind->at('procedures')->items() as $procedure) {
            (new ProcedureReferences($this->problems, $this->facts))->check($procedure, $kind->at('steps')->byId());
        }
    }

    /**
     * @param list<string> $steps
     * @param array<string, list<string>> $answers
     */
    private function step(string $file, string $at, Node $step, array $steps, array $answers): void
    {
        foreach (['part', 'takesOff', 'putsBack', 'fits'] as $key) {
            $this->problems->known($file, "$at/$key", 'part', [$step->optional($key)], $this->parts);
        }
        foreach (['touches', 'afterBack', 'whileOff'] as $key) {
            $this->problems->known($file, "$at/$key", 'part', $step->at($key)->strings(), $this->parts);
        }
        $this->problems->known(
            $file,
            "$at/capture/scale",
            'scale',
            [$step->at('capture')->optional('scale')],
            array_keys($this->shared->scales),
        );
        foreach (['waitsFor', 'inPlaceOf'] as $key) {
            $this->problems->known($file, "$at/$key", 'step', [$step->optional($key)], $steps);
        }
        $this->problems->known($file, "$at/tools", 'kit', $step->at('tools')->strings(), $this->shared->kit);
        $this->problems->known($file, "$at/cautions", 'caution', $step->at('cautions')->strings(), $this->shared->cautions);
        foreach ($step->at('amounts')->items() as $j => $amount) {
            $this->problems->known($file, "$at/amounts/$j/agent", 'agent', [$amount->string('agent')], $this->shared->agents);
            $this->problems->known($file, "$at/amounts/$j/vessel", 'vessel', [$amount->string('vessel')], $this->vessels);
        }
        $this->problems->known($file, "$at/clears/vessel", 'vessel', [$step->at('clears')->optional('vessel')], $this->vessels);
        $this->problems->known($file, "$at/asks", 'trait', $step->at('asks')->strings(), $this->words);
        $this->problems->condition($file, "$at/when", $step->condition('when'), $this->facts);
        $this->problems->condition($file, "$at/if", $step->condition('if'), $answers);
        $by = $step->at('timer')->optional('by');
        if (null !== $by) {
            $this->problems->condition(
                $file,
                "$at/timer/longer",
                new Condition([$by => array_keys($step->at('timer')->at('longer')->numbers())]),
                $answers + $this->facts,
            );
        }
        $this->lengths($file, $at, $step->at('timer'));
        $this->problems->known($file, "$at/back/then", 'step', $step->at('back')->at('then')->strings(), $steps);
        $this->measurements($file, $at, $step);
        $this->problems->known($file, "$at/marks", 'care task', [$step->optional('marks')], $this->tasks);
        $this->problems->known($file, "$at/capture/of", 'care task', [$step->at('capture')->optional('of')], $this->tasks);
        if ($step->flag('mustPass') && 'confirm' !== $step->at('capture')->optional('kind')) {
            $this->problems->add($file, "$at/mustPass", 'only a step that asks for a confirmation can be required to pass');
        }
        $raw = $step->raw();
        unset($raw['at']);
        $this->problems->words($file, $at, $raw, $this->words);
    }

    /** A wait that can be picked has the length that is advised among what there is to pick. */
    private function lengths(string $file, string $at, Node $timer): void
    {
        $choices = $timer->at('choices')->raw();
        foreach ([] === $choices ? [] : [$timer->number('minutes'), ...array_values($timer->at('longer')->numbers())] as $advised) {
            if (!in_array($advised, array_map(floatval(...), array_filter($choices, is_numeric(...))), true)) {
                $this->problems->add($file, "$at/timer/choices", "$advised minutes are advised and not among what there is to pick");
            }
        }
    }

    private function measurements(string $file, string $at, Node $step): void
    {
        $capture = $step->at('capture');
        $known = $this->shared->measurements;
        $this->problems->known($file, "$at/observe", 'measurement', $step->at('observe')->strings(), $known);
        $this->problems->known($file, "$at/capture/check", 'check', [$capture->optional('check')], $this->shared->checks);
        $this->problems->known($file, "$at/capture/measurement", 'measurement', [$capture->optional('measurement')], $known);
        $this->problems->known(
            $file,
            "$at/capture/counts/measurement",
            'measurement',
            [$capture->at('counts')->optional('measurement')],
            $known,
        );
        foreach ($capture->at('count')->items() as $i => $row) {
            $this->problems->known($file, "$at/capture/count/$i/measurement", 'measurement', [$row->string('measurement')], $known);
            $this->problems->condition($file, "$at/capture/count/$i/when", $row->condition('when'), $this->facts);
        }
    }

    /** @return array<string, list<string>> possible answers by capture id */
    private function answers(Node $steps): array
    {
        $answers = [];
        foreach ($steps->items() as $step) {
            $capture = $step->at('capture');
            if ($capture->has('id')) {
                $answers[$capture->string('id')] = match ($capture->string('kind')) {
                    'grade' => [
                        ...$answers[$capture->string('id')] ?? [],
                        ...$this->shared->scales[$capture->optional('scale') ?? ''] ?? [],
                        Capture::UNSEEN,
                    ],
                    'tally' => [],
                    'confirm' => [$capture->at('pass')->string('id'), $capture->at('fail')->string('id')],
                    default => array_keys($capture->at('options')->byId()),
                };
                if ($capture->has('also')) {
                    $answers[$capture->at('also')->string('id')] = array_keys($capture->at('also')->at('options')->byId());
                }
            }
        }

        return $answers;
    }
}
