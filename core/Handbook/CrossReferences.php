<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/**
 * Checks what a schema cannot see: that everything named exists, ids are not used twice, and whatever a
 * procedure takes off a machine it puts back on the same machines.
 *
 * @internal to this folder
 */
final class CrossReferences
{
    /** @var list<Problem> */
    private array $problems = [];

    /** @return list<Problem> */
    public function check(Node $handbook): array
    {
        $this->problems = [];
        $shared = [];
        foreach (['agents', 'cautions', 'kit'] as $file) {
            $shared[$file] = $this->ids("$file.yaml", '', $handbook->at($file));
        }
        $grades = $this->ids('rhythm.yaml', '/grades', $handbook->at('rhythm')->at('grades'));
        foreach ($handbook->at('kinds')->items() as $kind) {
            $this->kind($kind, $shared, $grades);
        }

        return $this->problems;
    }

    /**
     * @param array<string, list<string>> $shared
     * @param list<string>                $grades
     */
    private function kind(Node $node, array $shared, array $grades): void
    {
        $folder = $node->string('folder');
        $kind = $node->at('kind');
        if (basename($folder) !== $kind->string('id')) {
            $this->problem("$folder/kind.yaml", '/id', 'must be the name of its folder');
        }
        $traits = [];
        foreach ($kind->at('traits')->items() as $i => $trait) {
            $traits[$trait->string('id')] = $this->ids("$folder/kind.yaml", "/traits/$i/options", $trait->at('options'));
            $this->known("$folder/kind.yaml", "/traits/$i/default", 'option', [$trait->string('default')], $traits[$trait->string('id')]);
        }
        $parts = $this->ids("$folder/kind.yaml", '/parts', $kind->at('parts'));
        $procedures = array_map(static fn (Node $procedure): string => $procedure->string('id'), $node->at('procedures')->items());
        foreach ($kind->at('parts')->items() as $i => $part) {
            foreach (['names', 'comesOff'] as $list) {
                foreach ($part->at($list)->items() as $j => $way) {
                    $this->condition("$folder/kind.yaml", "/parts/$i/$list/$j/when", $way->condition('when'), $traits);
                }
            }
        }
        $this->tasks($folder, $kind, $parts, $procedures, $traits);
        $this->steps($folder, $node->at('steps'), $shared, $grades, $parts, $kind->at('vessels')->strings(), $traits);
        foreach ($node->at('procedures')->items() as $procedure) {
            $this->procedure($folder, $procedure, $node->at('steps')->byId(), $kind->at('traits'));
        }
    }

    /**
     * @param list<string>                $parts
     * @param list<string>                $procedures
     * @param array<string, list<string>> $traits
     */
    private function tasks(string $folder, Node $kind, array $parts, array $procedures, array $traits): void
    {
        $file = "$folder/kind.yaml";
        $habits = $kind->at('habits')->byId();
        $this->known($file, '/uses/habit', 'habit', [$kind->at('uses')->string('habit')], array_keys($habits));
        $this->ids($file, '/tasks', $kind->at('tasks'));
        foreach ($kind->at('tasks')->items() as $i => $task) {
            $this->known($file, "/tasks/$i/part", 'part', [$task->string('part')], $parts);
            $schools = $this->ids($file, "/tasks/$i/schools", $task->at('schools'));
            $this->known($file, "/tasks/$i/defaultSchool", 'school', [$task->string('defaultSchool')], $schools);
            foreach ($task->at('procedures')->items() as $j => $procedure) {
                $this->known($file, "/tasks/$i/procedures/$j/id", 'procedure', [$procedure->string('id')], $procedures);
                $this->condition($file, "/tasks/$i/procedures/$j/when", $procedure->condition('when'), $traits);
            }
            foreach ($task->at('clocks')->items() as $j => $clock) {
                if ($clock->number('least') > $clock->number('most')) {
                    $this->problem($file, "/tasks/$i/clocks/$j", 'the least is greater than the most');
                }
            }
            $habit = $task->at('habit')->optional('id');
            if (null !== $habit) {
                $this->known($file, "/tasks/$i/habit/id", 'habit', [$habit], array_keys($habits));
            }
        }
    }

    /**
     * @param array<string, list<string>> $shared
     * @param list<string>                $grades
     * @param list<string>                $parts
     * @param list<string>                $vessels
     * @param array<string, list<string>> $traits
     */
    private function steps(string $folder, Node $steps, array $shared, array $grades, array $parts, array $vessels, array $traits): void
    {
        $file = "$folder/steps.yaml";
        $ids = $this->ids($file, '', $steps);
        $answers = $this->answers($steps, $grades);
        foreach ($steps->items() as $i => $step) {
            foreach (['part', 'takesOff', 'putsBack'] as $key) {
                $this->known($file, "/$i/$key", 'part', array_filter([$step->optional($key)]), $parts);
            }
            $this->known($file, "/$i/waitsFor", 'step', array_filter([$step->optional('waitsFor')]), $ids);
            $this->known($file, "/$i/tools", 'kit', $step->at('tools')->strings(), $shared['kit']);
            $this->known($file, "/$i/cautions", 'caution', $step->at('cautions')->strings(), $shared['cautions']);
            foreach ($step->at('amounts')->items() as $j => $amount) {
                $this->known($file, "/$i/amounts/$j/agent", 'agent', [$amount->string('agent')], $shared['agents']);
                $this->known($file, "/$i/amounts/$j/vessel", 'vessel', [$amount->string('vessel')], $vessels);
            }
            $this->known($file, "/$i/clears/vessel", 'vessel', array_filter([$step->at('clears')->optional('vessel')]), $vessels);
            $this->condition($file, "/$i/when", $step->condition('when'), $traits);
            $this->condition($file, "/$i/if", $step->condition('if'), $answers);
            if ($step->flag('mustPass') && 'confirm' !== $step->at('capture')->optional('kind')) {
                $this->problem($file, "/$i/mustPass", 'only a step that asks for a confirmation can be required to pass');
            }
        }
    }

    /**
     * @param list<string> $grades
     *
     * @return array<string, list<string>> possible answers by capture id
     */
    private function answers(Node $steps, array $grades): array
    {
        $answers = [];
        foreach ($steps->items() as $step) {
            $capture = $step->at('capture');
            if ($capture->has('id')) {
                $answers[$capture->string('id')] = match ($capture->string('kind')) {
                    'grade' => $grades,
                    'confirm' => [$capture->at('pass')->string('id'), $capture->at('fail')->string('id')],
                    default => array_keys($capture->at('options')->byId()),
                };
            }
        }

        return $answers;
    }

    /** @param array<string, Node> $steps */
    private function procedure(string $folder, Node $procedure, array $steps, Node $traits): void
    {
        $file = sprintf('%s/procedures/%s.yaml', $folder, $procedure->string('id'));
        $used = $procedure->at('steps')->strings();
        $this->known($file, '/steps', 'step', $used, array_keys($steps));
        $used = array_values(array_intersect($used, array_keys($steps)));
        foreach ($this->machines($traits) as $machine) {
            $off = $back = [];
            foreach ($used as $id) {
                if ($steps[$id]->condition('when')->holds($machine)) {
                    array_unshift($off, ...array_filter([$steps[$id]->optional('takesOff')]));
                    array_push($back, ...array_filter([$steps[$id]->optional('putsBack')]));
                }
            }
            if ($off !== $back) {
                $this->problem($file, '/steps', sprintf(
                    'takes off %s but puts back %s on a machine with %s',
                    implode(', ', array_reverse($off)) ?: 'nothing',
                    implode(', ', $back) ?: 'nothing',
                    implode(', ', array_map(static fn (string $trait, string $value): string => "$trait $value", array_keys($machine), $machine)),
                ));

                return;
            }
        }
    }

    /** @return list<array<string, string>> every machine that the traits can make */
    private function machines(Node $traits): array
    {
        $machines = [[]];
        foreach ($traits->items() as $trait) {
            $wider = [];
            foreach ($machines as $machine) {
                foreach (array_keys($trait->at('options')->byId()) as $option) {
                    $wider[] = [...$machine, $trait->string('id') => $option];
                }
            }
            $machines = $wider;
        }

        return $machines;
    }

    /** @return list<string> */
    private function ids(string $file, string $pointer, Node $list): array
    {
        $ids = [];
        foreach ($list->items() as $i => $item) {
            if (in_array($item->string('id'), $ids, true)) {
                $this->problem($file, "$pointer/$i/id", sprintf('"%s" is there twice', $item->string('id')));
            }
            $ids[] = $item->string('id');
        }

        return $ids;
    }

    /**
     * @param array<string> $named
     * @param list<string>  $existing
     */
    private function known(string $file, string $pointer, string $sort, array $named, array $existing): void
    {
        foreach (array_diff($named, $existing) as $unknown) {
            $this->problem($file, $pointer, sprintf('there is no %s "%s"', $sort, $unknown));
        }
    }

    /** @param array<string, list<string>> $possible */
    private function condition(string $file, string $pointer, Condition $condition, array $possible): void
    {
        foreach ($condition->sets as $name => $values) {
            if (!isset($possible[$name])) {
                $this->problem($file, $pointer, sprintf('nothing is called "%s"', $name));
            } else {
                $this->known($file, "$pointer/$name", 'answer', $values, $possible[$name]);
            }
        }
    }

    private function problem(string $file, string $pointer, string $problem): void
    {
        $this->problems[] = new Problem($file, $pointer, $problem);
    }
}
