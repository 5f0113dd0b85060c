<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Order\CoverInserter;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Order\ProcedureExpander;
use GoodRinse\Core\Handbook\Order\StepSequencer;
use GoodRinse\Core\Handbook\UnknownEntry;

/**
 * In which order the procedures of a kind are done, and in which the steps of several of them.
 *
 * @internal to this folder
 */
final readonly class ProcedureChains
{
    /** @param array<string, Node> $procedures by id */
    public function __construct(private Node $kind, private array $procedures)
    {
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, list<string>>
     */
    public function of(array $ids): array
    {
        $order = array_flip($this->taskOrder());
        $chains = [];
        foreach ($ids as $id) {
            foreach ($this->node($id)->at('chains')->named() as $name => $words) {
                $chains[$name] = $words->strings();
            }
        }
        // A procedure that takes others in comes first: it says what they have in common.
        uksort(
            $chains,
            fn (string $a, string $b): int => [[] === $this->procedures[$a]->at('runs')->raw(), $order[$a] ?? PHP_INT_MAX, $a] <=> [
                [] === $this->procedures[$b]->at('runs')->raw(),
                $order[$b] ?? PHP_INT_MAX,
                $b,
            ],
        );

        return $chains;
    }

    /**
     * @param list<string> $ids of procedures
     *
     * @return list<string> in the order they are done
     */
    public function inOrder(array $ids): array
    {
        $order = array_flip(array_keys($this->of($ids)));
        usort($ids, static fn (string $a, string $b): int => ($order[$a] ?? -1) <=> ($order[$b] ?? -1));

        return $ids;
    }

    /**
     * @param list<string> $ids
     * @param array<string, list<string>> $first
     * @param list<string> $exact
     * @param array<string, array<array-key, mixed>> $raw data of all steps, those that the household adds included
     *
     * @return list<string> step ids
     *
     * @throws OrderConflict
     */
    public function sequence(array $ids, array $first, array $exact, array $raw): array
    {
        $usual = ProcedureExpander::covers($this->kind);
        $covers = $first + $usual;
        foreach (array_diff_key($usual, array_flip($exact)) as $part => $parts) {
            $covers[$part] = array_values(array_unique([...$covers[$part], ...$parts]));
        }
        $chains = array_intersect_key($this->of($ids), array_flip($ids));
        $whole = (new CoverInserter($raw, $first))->insert($chains);
        if (1 === count($chains) && $whole === $chains && $covers == $usual) {
            return $this->procedures[array_key_first($chains)]->at('steps')->strings();
        }

        return (new StepSequencer($raw, $covers))->sequence($whole);
    }

    /**
     * Ids of the procedures in the order the care tasks name them.
     *
     * @return list<string>
     */
    private function taskOrder(): array
    {
        $ids = [];
        foreach ($this->kind->at('tasks')->items() as $task) {
            array_push(
                $ids,
                ...array_map(static fn (Node $procedure): string => $procedure->string('id'), $task->at('procedures')->items()),
            );
        }

        return $ids;
    }

    /** @throws UnknownEntry */
    public function node(string $id): Node
    {
        return $this->procedures[$id] ?? throw UnknownEntry::named('procedure of a '.$this->kind->string('id'), $id);
    }
}
