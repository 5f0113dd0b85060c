<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

use GoodRinse\Core\Handbook\Compiler\AnswerNames;
use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Compiler\Problem;

/**
 * Writes every procedure of a kind out as a plain list of step ids.
 *
 * A step may stand in a procedure's own file, be named by its id, or come in with a whole procedure ("do").
 * What puts a part back is written once, under the step that takes it off ("back"), and becomes a step here;
 * "refit" says where in a procedure it happens, and the order follows from what came off (see StepSequencer).
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

    /** @var array<string, list<string>> parts that come off before a part, by part */
    private array $covers = [];

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
    public function expand(array $kind, Node $scales): array
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
        $all = $this->withTests((new AnswerNames($scales))->writeOut($all));
        $this->covers = self::covers($node->at('kind'));
        $procedures = array_map(fn (Node $procedure): array => $this->procedure($procedure), $node->at('procedures')->items());

        return ['steps' => $all, 'procedures' => $procedures] + $kind;
    }

    /**
     * Parts that come off before a part wherever both come off, by part.
     *
     * @return array<string, list<string>>
     */
    public static function covers(Node $kind): array
    {
        return array_filter(array_map(
            static fn (Node $part): array => array_map(
                static fn (Node $cover): string => $cover->string('part'),
                $part->at('coveredBy')->items(),
            ),
            $kind->at('parts')->byId(),
        ));
    }

    /**
     * Every test knows the parts whose return it follows.
     *
     * @param list<array<array-key, mixed>> $all
     *
     * @return list<array<array-key, mixed>>
     */
    private function withTests(array $all): array
    {
        $tests = [];
        foreach ($all as $step) {
            foreach (StepChain::testsOf($step) as $test) {
                $tests[$test] = array_values(array_unique([...$tests[$test] ?? [], Node::of($step)->string('takesOff')]));
            }
        }
        $this->steps = [];
        foreach ($all as $i => $step) {
            $id = Node::of($step)->string('id');
            $this->steps[$id] = $all[$i] = isset($tests[$id]) ? ['tests' => $tests[$id]] + $step : $step;
        }

        return $all;
    }

    /** @return array<array-key, mixed> */
    private function procedure(Node $procedure): array
    {
        $id = $procedure->at('data')->string('id');
        $chains = $this->chains($id, []);
        try {
            $steps = (new StepSequencer($this->steps, $this->covers))->sequence($chains);
        } catch (OrderConflict $e) {
            $this->problems[] = new Problem($procedure->string('file'), '/steps', $e->getMessage());
            $steps = [];
        }

        return [
            'file' => $procedure->string('file'),
            'steps' => $steps,
            'chains' => $chains,
            'runs' => array_values(array_diff(array_map(strval(...), array_keys($chains)), [$id])),
        ] + $procedure->at('data')->raw();
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

        return array_filter(
            [
                'at' => $at,
                'part' => $step['part'] ?? $step['takesOff'] ?? null,
                'putsBack' => $step['takesOff'] ?? null,
                'when' => $step['when'] ?? null,
                'if' => $step['if'] ?? null,
            ] + $back,
        );
    }

    /**
     * What a procedure says itself, then what each procedure says that it takes in.
     *
     * @param list<string> $within procedures that are being written out already
     *
     * @return array<string, list<string>> step ids, StepChain::REFIT and StepChain::TAKES, by procedure
     */
    private function chains(string $procedure, array $within): array
    {
        $words = [];
        $taken = [];
        foreach ($this->written[$procedure]['items'] as $i => $item) {
            if (is_string($item)) {
                $words[] = 'refit' === $item ? StepChain::REFIT : $item;
            } elseif (is_array($item) && is_string($item['id'] ?? null)) {
                $words[] = $item['id'];
            } elseif (is_array($item) && is_string($item['refit'] ?? null)) {
                $words[] = StepChain::REFIT.$item['refit'];
            } elseif (is_array($item) && is_string($item['do'] ?? null)) {
                $taken += $this->taken($procedure, "/steps/$i/do", $item['do'], [...$within, $procedure]);
                $words[] = StepChain::TAKES.$item['do'];
            }
        }
        $own = array_filter($words, static fn (string $word): bool => !str_starts_with($word, StepChain::TAKES));

        return ([] === $own ? [] : [$procedure => $this->known($procedure, $words)]) + $taken;
    }

    /**
     * @param list<string> $words
     *
     * @return list<string> those that are steps
     */
    private function known(string $procedure, array $words): array
    {
        foreach ($words as $i => $word) {
            if (!$this->isKnown($word)) {
                $this->problems[] = new Problem($this->written[$procedure]['file'], "/steps/$i", sprintf('there is no step "%s"', $word));
            }
        }

        return array_values(array_filter($words, $this->isKnown(...)));
    }

    private function isKnown(string $word): bool
    {
        return isset($this->steps[$word]) || !StepChain::isStep($word);
    }

    /**
     * @param list<string> $within
     *
     * @return array<string, list<string>>
     */
    private function taken(string $from, string $pointer, string $procedure, array $within): array
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

        return $this->chains($procedure, $within);
    }
}
