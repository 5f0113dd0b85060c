<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Handbook\UnknownEntry;

/** The procedures of one machine kind: their steps, and how several of them go together. */
final class ProcedureBook
{
    /** @var array<string, Procedure> those that have been asked for */
    private array $read = [];

    /** @var array<string, array{array<array-key, mixed>, Step}> steps as they were last read, each with its data */
    private array $readSteps = [];

    /** @var array<string, list<string>> orders of steps that were asked for */
    private array $orders = [];

    /** @var array<string, string> scale by task and traits */
    private array $scaleIds = [];

    /** @var array<string, array<array-key, mixed>>|null */
    private ?array $raw = null;

    private ?StepReader $reader = null;

    private readonly ProcedureChains $chains;

    /**
     * @internal to the handbook
     *
     * @param array<string, Node> $procedures by id
     * @param Scales $scales what parts are compared with
     * @param array<string, string> $defaults what conditions may ask for, with what each stands at
     */
    public function __construct(
        private readonly Node $kind,
        private readonly Node $steps,
        private readonly array $procedures,
        private readonly Scales $scales,
        private readonly array $defaults,
    ) {
        $this->chains = new ProcedureChains($kind, $procedures);
    }

    /** @return array<string, string> names by id */
    public function names(): array
    {
        return array_map(static fn (Node $procedure): string => $procedure->string('name'), $this->procedures);
    }

    /** @throws UnknownEntry */
    public function procedure(string $id): Procedure
    {
        return $this->read[$id] ??= $this->read($this->chains->node($id));
    }

    /** The one of a round, whatever it is called. */
    public function only(): Procedure
    {
        return $this->procedure((string) array_key_first($this->procedures));
    }

    /**
     * The procedures that several take in, themselves included, each with what it says; in the handbook's order.
     *
     * @return array<string, list<string>> step ids, StepChain::REFIT and StepChain::TAKES, by procedure
     *
     * @throws UnknownEntry
     */
    public function chains(ProcedureSet $set): array
    {
        return $this->chains->of($set->ids);
    }

    /**
     * The steps of several procedures in the order they are done.
     *
     * @param list<string> $ids procedures, those they take in included
     * @param array<string, list<string>> $first parts that come off before a part on this machine, by part
     * @param list<string> $exact parts for which the household has said what comes off first
     * @param array<string, array<array-key, mixed>> $more data of steps that the household adds, by id
     *
     * @return list<string>
     *
     * @throws OrderConflict
     */
    public function sequence(array $ids, array $first = [], array $exact = [], array $more = []): array
    {
        return $this->orders[serialize([$ids, $first, $exact, $more])] ??= $this->chains->sequence(
            $ids,
            $first,
            $exact,
            $this->rawSteps() + $more,
        );
    }

    /** @return array<string, array<array-key, mixed>> data of all steps, by id */
    public function rawSteps(): array
    {
        return $this->raw ??= array_map(static fn (Node $step): array => $step->raw(), $this->steps->byId());
    }

    /** @param array<array-key, mixed> $data */
    public function step(array $data): Step
    {
        $id = is_string($data['id'] ?? null) ? $data['id'] : '';
        if (($this->readSteps[$id][0] ?? null) !== $data) {
            $this->readSteps[$id] = [$data, $this->steps()->step(Node::of($data))];
        }

        return $this->readSteps[$id][1];
    }

    /**
     * What several procedures are as one: data that can be kept and read back, without steps.
     *
     * @return array<array-key, mixed>
     *
     * @throws UnknownEntry
     */
    public function about(ProcedureSet $set): array
    {
        $ids = $this->chains->inOrder($set->ids);
        $nodes = array_map(fn (string $id): Node => $this->chains->node($id), $ids);
        if (1 === count($nodes)) {
            return array_diff_key($nodes[0]->raw(), ['steps' => 0, 'chains' => 0]);
        }
        $all = static fn (string $key): array => array_values(
            array_unique(array_merge(...array_map(static fn (Node $node): array => $node->at($key)->strings(), $nodes))),
        );
        $names = array_map(static fn (Node $node): string => $node->string('name'), $nodes);

        return [
            'id' => 'round',
            'name' => self::listed($names),
            'does' => implode(' ', array_map(static fn (Node $node): string => $node->string('does'), $nodes)),
            'ends' => $all('ends'),
            'essential' => $all('essential'),
            'runs' => $ids,
        ];
    }

    /**
     * What a round offers at its end for what was found.
     *
     * @param array<string, string> $answers by capture
     *
     * @return list<Closing> one for each finding
     */
    public function closings(array $answers): array
    {
        $offers = [];
        foreach ($this->kind->at('closings')->items() as $closing) {
            if ($closing->condition('if')->holds($answers)) {
                $offers[] = new Closing($closing->at('procedures')->strings(), $closing->string('found'), $closing->string('why'));
            }
        }

        return $offers;
    }

    /**
     * The scale on which a task's part is judged on a machine of these traits; the mesh where it is not judged.
     *
     * @param array<string, string> $traits
     */
    public function scaleOf(string $task, array $traits): string
    {
        return $this->scaleIds[$task.json_encode($traits)] ??= $this->findScale($task, $traits);
    }

    /**
     * "Filter clean, spray arms and acid wash".
     *
     * @param list<string> $names
     */
    private static function listed(array $names): string
    {
        $all = [...array_slice($names, 0, 1), ...array_map(mb_strtolower(...), array_slice($names, 1))];
        $last = (string) array_pop($all);

        return [] === $all ? $last : implode(', ', $all).' and '.$last;
    }

    /** Whether a procedure cannot be done together with others. */
    public function standsAlone(string $id): bool
    {
        return isset($this->procedures[$id]) && $this->procedures[$id]->flag('alone');
    }

    private function steps(): StepReader
    {
        return $this->reader ??= new StepReader($this->scales, $this->defaults);
    }

    private function read(Node $node): Procedure
    {
        $raw = $this->rawSteps();
        $used = array_map(
            fn (string $id): Step => $this->step($raw[$id] ?? throw UnknownEntry::named('step', $id)),
            $node->at('steps')->strings(),
        );

        return new Procedure(
            id: $node->string('id'),
            name: $node->string('name'),
            does: $node->string('does'),
            steps: [] === $used ? throw UnknownEntry::named('step of', $node->string('id')) : $used,
            ends: $node->at('ends')->strings(),
            essential: $node->at('essential')->strings(),
            runs: $node->at('runs')->strings(),
            why: $node->optional('why'),
            when: $node->condition('when', $this->defaults),
            alone: $node->flag('alone'),
        );
    }

    /** @param array<string, string> $traits */
    private function findScale(string $task, array $traits): string
    {
        foreach ($this->steps->items() as $step) {
            $capture = $step->at('capture');
            if ($task === $capture->optional('of') && $capture->has('scale') && $step->condition('when', $this->defaults)->holds($traits)) {
                return $capture->string('scale');
            }
        }

        return Scales::MESH;
    }
}
