<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/**
 * Writes every procedure of a kind out as a plain list of step ids.
 *
 * A step may stand in a procedure's own file, be named by its id, or come in with a whole procedure ("do").
 * Of a step that comes twice the first stays, so that a rack comes out once; but what closes up (puts a part
 * back, or says it closes) stays where it came last.
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

        return ['file' => $procedure->string('file'), 'steps' => $this->once($this->ids($id, [])), 'runs' => $runs] + $procedure->at('data')->raw();
    }

    /**
     * @param list<string> $within procedures that are being written out already
     *
     * @return list<string>
     */
    private function ids(string $procedure, array $within): array
    {
        $ids = [];
        foreach ($this->written[$procedure]['items'] as $i => $item) {
            if (is_string($item)) {
                $ids[] = $item;
            } elseif (is_array($item) && is_string($item['id'] ?? null)) {
                $ids[] = $item['id'];
            } elseif (is_array($item) && is_string($item['do'] ?? null)) {
                array_push($ids, ...$this->included($procedure, "/steps/$i/do", $item['do'], [...$within, $procedure]));
            }
        }

        return $ids;
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

        return $this->ids($procedure, $within);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private function once(array $ids): array
    {
        $kept = [];
        foreach ($ids as $i => $id) {
            $closes = isset($this->steps[$id]['putsBack']) || isset($this->steps[$id]['closing']);
            $elsewhere = $closes ? array_slice($ids, $i + 1) : array_slice($ids, 0, $i);
            if (!in_array($id, $elsewhere, true)) {
                $kept[] = $id;
            }
        }

        return $kept;
    }
}
