<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/**
 * Writes every procedure of a kind out as a plain list of step ids.
 *
 * A step may stand in a procedure's own file, be named by its id, or come in with a whole procedure ("do").
 * What puts a part back is written once, under the step that takes it off ("back"), and becomes a step here;
 * "refit" says where in a procedure it happens, and the order follows from what came off (see StepOrder).
 *
 * @internal to this folder
 */
final class ProcedureExpander
{
    /** @var list<Problem> */
    private array $problems = [];

    /** @var array<string, array{file: string, items: list<mixed>}> */
    private array $written = [];

    /** @var array<string, array<array-key, mixed>> steps by id */
    private array $steps = [];

    /** @return list<Problem> */
    public function problems(): array
    {
        return $this->problems;
    }

    /**
     * @param array<string, mixed> $kind as HandbookLoader read it
     *
     * @return array<string, mixed> steps with the place each was written at, procedures with step ids only
     */
    public function expand(array $kind): array
    {
        $node = Node::of($kind);
        $this->written = $this->steps = [];
        $all = [];
        foreach ($node->at('steps')->items() as $i => $step) {
            $all[] = ['at' => [$node->string('folder').'/steps.yaml', "/$i"]] + $step->raw();
        }
        foreach ($node->at('procedures')->items() as $procedure) {
            $items = array_values($procedure->at('data')->at('steps')->raw());
            $this->written[$procedure->at('data')->string('id')] = ['file' => $procedure->string('file'), 'items' => $items];
            foreach ($items as $i => $item) {
                if (is_array($item) && isset($item['id'])) {
                    $all[] = ['at' => [$procedure->string('file'), "/steps/$i"]] + $item;
                }
            }
        }
        foreach ($all as $step) {
            $this->steps[Node::of($step)->string('id')] = $step;
            $back = $this->back($step);
            if (null !== $back) {
                $this->steps[Node::of($back)->string('id')] = $all[] = $back;
            }
        }
        $procedures = array_map(fn (Node $procedure): array => $this->procedure($procedure), $node->at('procedures')->items());

        return ['steps' => $all, 'procedures' => $procedures] + $kind;
    }

    /** @return array<array-key, mixed> */
    private function procedure(Node $procedure): array
    {
        $id = $procedure->at('data')->string('id');
        $runs = [];
        foreach ($this->written[$id]['items'] as $item) {
            if (is_array($item) && is_string($item['do'] ?? null)) {
                $runs[] = $item['do'];
            }
        }

        $written = $this->written($id, []);

        return ['file' => $procedure->string('file'), 'steps' => (new StepOrder($this->steps))->resolve($written), 'written' => $written, 'runs' => $runs] + $procedure->at('data')->raw();
    }

    /**
     * The step that puts back what a step takes off; null where that is not said.
     *
     * @param array<array-key, mixed> $step
     *
     * @return array<array-key, mixed>|null
     */
    private function back(array $step): ?array
    {
        $back = $step['back'] ?? null;
        if (!is_array($back)) {
            return null;
        }
        [$file, $pointer] = [...Node::of($step)->at('at')->strings(), '', ''];
        $at = [$file, "$pointer/back"];
        unset($back['then']);

        return array_filter(['at' => $at, 'part' => $step['part'] ?? $step['takesOff'] ?? null, 'putsBack' => $step['takesOff'] ?? null, 'when' => $step['when'] ?? null, 'if' => $step['if'] ?? null] + $back);
    }

    /**
     * @param list<string> $within procedures that are being written out already
     *
     * @return list<string> step ids and the marks of StepOrder
     */
    private function written(string $procedure, array $within): array
    {
        $words = [];
        foreach ($this->written[$procedure]['items'] as $i => $item) {
            if (is_string($item)) {
                $words[] = 'refit' === $item ? StepOrder::REFIT : $item;
            } elseif (is_array($item) && is_string($item['id'] ?? null)) {
                $words[] = $item['id'];
            } elseif (is_array($item) && is_string($item['refit'] ?? null)) {
                $words[] = StepOrder::REFIT.$item['refit'];
            } elseif (is_array($item) && is_string($item['do'] ?? null)) {
                array_push($words, StepOrder::OPEN, ...[...$this->included($procedure, "/steps/$i/do", $item['do'], [...$within, $procedure]), StepOrder::CLOSE]);
            }
        }

        return $words;
    }

    /**
     * @param list<string> $within
     *
     * @return list<string>
     */
    private function included(string $from, string $pointer, string $procedure, array $within): array
    {
        $problem = match (true) {
            !isset($this->written[$procedure]) => sprintf('there is no procedure "%s"', $procedure),
            in_array($procedure, $within, true) => sprintf('goes round in a circle: %s', implode(' → ', [...$within, $procedure])),
            default => null,
        };
        if (null !== $problem) {
            $this->problems[] = new Problem($this->written[$from]['file'], $pointer, $problem);

            return [];
        }

        return $this->written($procedure, $within);
    }
}
