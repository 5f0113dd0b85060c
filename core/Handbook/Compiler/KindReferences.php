<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use GoodRinse\Core\Handbook\Handbook;

/**
 * Checks one machine kind: that everything it names exists and its procedures close up what they open.
 *
 * @internal to this folder
 */
final class KindReferences
{
    private string $folder = '';

    private string $file = '';

    /** @var array<string, list<string>> what conditions may ask for, with the answers there are */
    private array $facts = [];

    /** @var list<string> */
    private array $parts = [];

    /** @var list<string> */
    private array $tasks = [];

    /** @var list<string> */
    private array $vessels = [];

    public function __construct(private readonly ProblemList $problems, private readonly SharedIds $shared)
    {
    }

    public function check(Node $node): void
    {
        $this->folder = $node->string('folder');
        $this->file = "$this->folder/kind.yaml";
        $kind = $node->at('kind');
        if (basename($this->folder) !== $kind->string('id')) {
            $this->problems->add($this->file, '/id', 'must be the name of its folder');
        }
        $this->facts($kind);
        $this->vesselsAndParts($kind);
        $procedures = $this->procedureIds($node);
        $this->tasks = $this->problems->ids($this->file, '/tasks', $kind->at('tasks'));
        $this->taskReferences($kind, $procedures);
        foreach ($kind->at('closings')->items() as $i => $closing) {
            $this->problems->known($this->file, "/closings/$i/procedures", 'procedure', $closing->at('procedures')->strings(), $procedures);
        }
        foreach ($kind->at('spray')->items() as $i => $arm) {
            $this->problems->known($this->file, "/spray/$i/part", 'part', [$arm->string('part')], $this->parts);
            $this->problems->known($this->file, "/spray/$i/task", 'task', [$arm->string('task')], $this->tasks);
            $this->problems->condition($this->file, "/spray/$i/when", $arm->condition('when'), $this->facts);
        }
        $words = array_keys($kind->at('traits')->byId());
        $this->problems->words($this->file, '', $kind->raw(), $words);
        (
            new StepReferences($this->problems, $this->shared, $this->facts, $this->parts, $this->tasks, $this->vessels, $words)
        )->check($node);
        if ($node->at('trace')->has('causes')) {
            (new FaultReferences($this->problems, $this->shared, "$this->folder/trace.yaml", $this->facts))->check(
                $node->at('trace'),
                $this->parts,
                $this->tasks,
                $procedures,
            );
        }
    }

    private function facts(Node $kind): void
    {
        $this->problems->ids($this->file, '/traits', $kind->at('traits'));
        $this->facts = Handbook::FACT_VALUES;
        foreach ($kind->at('traits')->items() as $i => $trait) {
            if ($trait->has('options')) {
                $options = $this->problems->ids($this->file, "/traits/$i/options", $trait->at('options'));
                $this->problems->known($this->file, "/traits/$i/default", 'option', [$trait->string('default')], $options);
                $this->facts[$trait->string('id')] = $options;
            }
        }
        foreach ($kind->at('traits')->items() as $i => $trait) {
            $this->problems->condition($this->file, "/traits/$i/when", $trait->condition('when'), $this->facts);
        }
    }

    private function vesselsAndParts(Node $kind): void
    {
        $own = $this->problems->ids($this->file, '/vessels', $kind->at('vessels'));
        foreach ($kind->at('vessels')->items() as $i => $vessel) {
            $this->problems->known(
                $this->file,
                "/vessels/$i/id",
                'vessel of a machine',
                [$vessel->string('id')],
                $this->shared->ownVessels,
            );
            $this->problems->known(
                $this->file,
                "/vessels/$i/ml",
                'trait',
                [$vessel->optional('ml')],
                array_keys($kind->at('traits')->byId()),
            );
            $this->surfaces("/vessels/$i/walls", $vessel->at('walls'));
        }
        $this->vessels = [...$own, ...$this->shared->sharedVessels];
        $this->parts = $this->problems->ids($this->file, '/parts', $kind->at('parts'));
        foreach ($kind->at('parts')->items() as $i => $part) {
            $this->problems->condition($this->file, "/parts/$i/when", $part->condition('when'), $this->facts);
            foreach (['names', 'comesOff'] as $list) {
                foreach ($part->at($list)->items() as $j => $way) {
                    $this->problems->condition($this->file, "/parts/$i/$list/$j/when", $way->condition('when'), $this->facts);
                }
            }
            $this->surfaces("/parts/$i/madeOf", $part->at('madeOf'));
            foreach ($part->at('coveredBy')->items() as $j => $cover) {
                $this->problems->known($this->file, "/parts/$i/coveredBy/$j/part", 'part', [$cover->string('part')], $this->parts);
                $this->problems->condition($this->file, "/parts/$i/coveredBy/$j/when", $cover->condition('when'), $this->facts);
            }
            $this->held("/parts/$i", $part, array_keys($kind->at('traits')->byId()));
        }
    }

    /** @param list<string> $traits */
    private function held(string $pointer, Node $part, array $traits): void
    {
        $this->problems->known($this->file, "$pointer/heldBy", 'trait', [$part->optional('heldBy')], $traits);
        foreach ($part->at('held')->items() as $i => $held) {
            $this->problems->condition($this->file, "$pointer/held/$i/when", $held->condition('when'), $this->facts);
            $this->problems->known(
                $this->file,
                "$pointer/held/$i/cautions",
                'caution',
                $held->at('cautions')->strings(),
                $this->shared->cautions,
            );
            foreach ($held->at('pieces')->items() as $j => $piece) {
                $this->problems->known(
                    $this->file,
                    "$pointer/held/$i/pieces/$j/tool",
                    'kit',
                    [$piece->optional('tool')],
                    $this->shared->kit,
                );
            }
        }
    }

    private function surfaces(string $pointer, Node $list): void
    {
        foreach ($list->items() as $i => $made) {
            $this->problems->known($this->file, "$pointer/$i/surface", 'surface', [$made->string('surface')], $this->shared->surfaces);
            $this->problems->condition($this->file, "$pointer/$i/when", $made->condition('when'), $this->facts);
        }
    }

    /** @return list<string> */
    private function procedureIds(Node $node): array
    {
        $ids = [];
        foreach ($node->at('procedures')->items() as $procedure) {
            $id = $procedure->string('id');
            if (basename($procedure->string('file'), '.yaml') !== $id) {
                $this->problems->add($procedure->string('file'), '/id', 'must be the name of its file');
            }
            $ids[] = $id;
        }

        return $ids;
    }

    /** @param list<string> $procedures */
    private function taskReferences(Node $kind, array $procedures): void
    {
        $habits = $this->problems->ids($this->file, '/habits', $kind->at('habits'));
        $this->problems->known($this->file, '/uses/habit', 'habit', [$kind->at('uses')->string('habit')], $habits);
        $this->problems->known(
            $this->file,
            '/uses/litres',
            'trait',
            [$kind->at('uses')->optional('litres')],
            array_keys($kind->at('traits')->byId()),
        );
        foreach ($kind->at('tasks')->items() as $i => $task) {
            $this->problems->known($this->file, "/tasks/$i/part", 'part', [$task->string('part')], $this->parts);
            $this->problems->condition($this->file, "/tasks/$i/when", $task->condition('when'), $this->facts);
            $schools = $this->problems->ids($this->file, "/tasks/$i/schools", $task->at('schools'));
            $this->problems->known($this->file, "/tasks/$i/defaultSchool", 'school', [$task->string('defaultSchool')], $schools);
            foreach ($task->at('procedures')->items() as $j => $procedure) {
                $this->problems->known($this->file, "/tasks/$i/procedures/$j/id", 'procedure', [$procedure->string('id')], $procedures);
                $this->problems->condition($this->file, "/tasks/$i/procedures/$j/when", $procedure->condition('when'), $this->facts);
            }
            $this->problems->condition($this->file, "/tasks/$i/lightWhen", $task->condition('lightWhen'), $this->facts);
            foreach ($task->at('clocks')->items() as $j => $clock) {
                if ($clock->number('least') > $clock->number('most')) {
                    $this->problems->add($this->file, "/tasks/$i/clocks/$j", 'the least is greater than the most');
                }
                $this->problems->known(
                    $this->file,
                    "/tasks/$i/clocks/$j/unit",
                    'unit of this kind',
                    [$clock->string('unit')],
                    ['days', $kind->at('uses')->string('unit'), ...($kind->at('uses')->has('litres') ? ['litres'] : [])],
                );
            }
            foreach ($task->at('proposes')->items() as $j => $proposal) {
                $this->problems->known(
                    $this->file,
                    "/tasks/$i/proposes/$j/when",
                    'habit',
                    array_keys($proposal->condition('when')->sets),
                    $habits,
                );
                $this->problems->known($this->file, "/tasks/$i/proposes/$j/school", 'school', [$proposal->string('school')], $schools);
            }
        }
    }
}
