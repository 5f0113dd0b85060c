<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Care\ClockBounds;
use GoodRinse\Core\Handbook\Care\School;
use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Machine\Habit;
use GoodRinse\Core\Handbook\Machine\HoldingRule;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\Machine\Part;
use GoodRinse\Core\Handbook\Order\CoverInserter;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Order\ProcedureExpander;
use GoodRinse\Core\Handbook\Order\StepSequencer;
use GoodRinse\Core\Handbook\Procedure\Closing;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\Procedure\StepReader;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Quantity\NumberRange;

/**
 * Builds from checked data what of a machine kind is not needed on every page.
 *
 * @internal to this folder
 */
final class KindDetails
{
    /** @var array<string, array<array-key, mixed>>|null */
    private ?array $raw = null;

    private ?StepReader $reader = null;

    /**
     * @param array<string, Node>   $procedures by id
     * @param Scales                $scales     what parts are compared with
     * @param array<string, string> $defaults   what conditions may ask for, with what each stands at
     */
    public function __construct(
        private readonly Node $kind,
        private readonly Node $steps,
        private readonly array $procedures,
        private readonly Scales $scales,
        private readonly array $defaults,
    ) {
    }

    /** @return array<string, MachineTrait> */
    public function traits(): array
    {
        return array_map($this->trait(...), $this->kind->at('traits')->byId());
    }

    /** @return array<string, Habit> */
    public function habits(): array
    {
        return array_map($this->habit(...), $this->kind->at('habits')->byId());
    }

    /** @return list<string> ids of the parts */
    public function partIds(): array
    {
        return $this->ids('parts');
    }

    public function part(string $id): ?Part
    {
        $node = $this->find('parts', $id);

        return null === $node ? null : $this->readPart($node);
    }

    /** @return list<string> ids of the care tasks */
    public function taskIds(): array
    {
        return $this->ids('tasks');
    }

    public function task(string $id): ?CareTask
    {
        $node = $this->find('tasks', $id);

        return null === $node ? null : $this->readTask($node);
    }

    public function procedure(string $id): ?Procedure
    {
        $node = $this->procedures[$id] ?? null;

        return null === $node ? null : $this->read($node, $node->at('steps')->strings());
    }

    /** The one of a round, whatever it is called. */
    public function onlyProcedure(): Procedure
    {
        foreach ($this->procedures as $node) {
            return $this->read($node, $node->at('steps')->strings());
        }

        throw UnknownEntry::named('procedure of', 'a round');
    }

    /**
     * The procedures that several take in, themselves included, each with what it says; in the handbook's order.
     *
     * @param list<string> $ids
     *
     * @return array<string, list<string>> step ids and StepChain::REFIT, by procedure
     */
    public function chains(array $ids): array
    {
        $order = array_flip($this->taskOrder());
        $chains = [];
        foreach ($ids as $id) {
            foreach (($this->procedures[$id] ?? throw UnknownEntry::named('procedure', $id))->at('chains')->named() as $name => $words) {
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
     * The steps of several procedures in the order they are done.
     *
     * @param list<string>                           $ids   procedures, those they take in included
     * @param array<string, list<string>>            $first parts that come off before a part on this machine, by part
     * @param list<string>                           $exact parts for which the household has said what comes off first
     * @param array<string, array<array-key, mixed>> $more  data of steps that the household adds, by id
     *
     * @return list<string>
     *
     * @throws OrderConflict
     */
    public function sequence(array $ids, array $first, array $exact = [], array $more = []): array
    {
        $raw = $this->rawSteps() + $more;
        $usual = ProcedureExpander::covers($this->kind);
        $covers = $first + $usual;
        foreach (array_diff_key($usual, array_flip($exact)) as $part => $parts) {
            $covers[$part] = array_values(array_unique([...$covers[$part], ...$parts]));
        }
        $chains = array_intersect_key($this->chains($ids), array_flip($ids));
        $whole = (new CoverInserter($raw, $first))->insert($chains);
        if (1 === count($chains) && $whole === $chains && $covers == $usual) {
            return $this->procedures[array_key_first($chains)]->at('steps')->strings();
        }

        return (new StepSequencer($raw, $covers))->sequence($whole);
    }

    /** @return array<string, array<array-key, mixed>> data of all steps, by id */
    public function rawSteps(): array
    {
        return $this->raw ??= array_map(static fn (Node $step): array => $step->raw(), $this->steps->byId());
    }

    /** @param array<array-key, mixed> $data */
    public function step(array $data): Step
    {
        return $this->steps()->step(Node::of($data));
    }

    /**
     * @param list<string> $ids of procedures
     *
     * @return array<array-key, mixed> what they are as one, without steps
     */
    public function about(array $ids): array
    {
        $ids = $this->inOrder($ids);
        $nodes = array_map(fn (string $id): Node => $this->procedures[$id] ?? throw UnknownEntry::named('procedure', $id), $ids);
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
     * @param array<string, string> $answers by capture
     *
     * @return list<Closing>
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

    /** @param array<string, string> $traits */
    public function scaleOf(string $task, array $traits): string
    {
        foreach ($this->steps->items() as $step) {
            $capture = $step->at('capture');
            if ($task === $capture->optional('of') && $capture->has('scale') && $step->condition('when', $this->defaults)->holds($traits)) {
                return $capture->string('scale');
            }
        }

        return Scales::MESH;
    }

    /**
     * @param list<string> $ids of procedures
     *
     * @return list<string> in the order they are done
     */
    public function inOrder(array $ids): array
    {
        $order = array_flip(array_keys($this->chains($ids)));
        usort($ids, static fn (string $a, string $b): int => ($order[$a] ?? -1) <=> ($order[$b] ?? -1));

        return $ids;
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

    public function standsAlone(string $id): bool
    {
        return isset($this->procedures[$id]) && $this->procedures[$id]->flag('alone');
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

    /** @return list<string> */
    private function ids(string $list): array
    {
        return array_map(static fn (Node $item): string => $item->string('id'), $this->kind->at($list)->items());
    }

    private function find(string $list, string $id): ?Node
    {
        foreach ($this->kind->at($list)->items() as $item) {
            if ($item->string('id') === $id) {
                return $item;
            }
        }

        return null;
    }

    private function trait(Node $node): MachineTrait
    {
        $number = $node->has('number') ? $node->at('number') : null;

        return new MachineTrait(
            $node->string('id'),
            $node->string('ask'),
            $node->optional('hint'),
            self::options($node->at('options')),
            KindReader::default($node),
            null === $number ? null : new NumberRange($number->number('least'), $number->number('most')),
            $number?->optional('unit'),
            $node->flag('later'),
            $node->condition('when', $this->defaults),
            $node->flag('drawn'),
            $node->flag('tells'),
        );
    }

    private function habit(Node $node): Habit
    {
        if ($node->has('number')) {
            $number = $node->at('number');

            return new Habit(
                $node->string('id'),
                $node->string('ask'),
                new NumberRange($number->number('least'), $number->number('most')),
                [],
                $number->number('default'),
            );
        }

        return new Habit(
            $node->string('id'),
            $node->string('ask'),
            null,
            self::options($node->at('options')),
            $node->string('default'),
            $node->flag('drawn'),
        );
    }

    private function steps(): StepReader
    {
        return $this->reader ??= new StepReader($this->scales, $this->defaults);
    }

    private function readPart(Node $node): Part
    {
        return new Part(
            $node->string('id'),
            $node->string('name'),
            array_map(
                fn (Node $other): array => [$other->condition('when', $this->defaults), $other->string('name')],
                $node->at('names')->items(),
            ),
            array_map(
                fn (Node $way): array => [$way->condition('when', $this->defaults), $way->at('lines')->strings()],
                $node->at('comesOff')->items(),
            ),
            array_map(
                fn (Node $made): array => [$made->condition('when', $this->defaults), $made->string('surface')],
                $node->at('madeOf')->items(),
            ),
            $node->optional('look'),
            $node->condition('when', $this->defaults),
            $node->flag('needed'),
            $node->optional('heldBy'),
            array_map(
                fn (Node $held): HoldingRule => new HoldingRule($held, $held->condition('when', $this->defaults)),
                $node->at('held')->items(),
            ),
            array_map(
                fn (Node $cover): array => [$cover->string('part'), $cover->condition('when', $this->defaults)],
                $node->at('coveredBy')->items(),
            ),
        );
    }

    /** @param list<string> $ids of its steps */
    private function read(Node $node, array $ids): Procedure
    {
        $raw = $this->rawSteps();
        $used = array_map(fn (string $id): Step => $this->step($raw[$id] ?? throw UnknownEntry::named('step', $id)), $ids);

        return new Procedure(
            $node->string('id'),
            $node->string('name'),
            $node->string('does'),
            [] === $used ? throw UnknownEntry::named('step of', $node->string('id')) : $used,
            $node->at('ends')->strings(),
            $node->at('essential')->strings(),
            $node->at('runs')->strings(),
            $node->optional('why'),
            $node->condition('when', $this->defaults),
            $node->flag('alone'),
        );
    }

    /** @return list<Option> */
    private static function options(Node $node): array
    {
        return array_map(Option::read(...), $node->items());
    }

    private function readTask(Node $node): CareTask
    {
        $clocks = array_map(
            static fn (Node $clock): ClockBounds => new ClockBounds(
                $clock->string('unit'),
                $clock->number('least'),
                $clock->number('most'),
                $clock->flag('idle'),
            ),
            $node->at('clocks')->items(),
        );
        $schools = array_map(static fn (Node $school): School => new School(
            $school->string('id'),
            $school->has('days') ? $school->number('days') : null,
            $school->string('name'),
            $school->string('who'),
            $school->has('uses') ? $school->number('uses') : null,
            $school->optional('start'),
            $school->has('litres') ? $school->number('litres') : null,
        ), $node->at('schools')->byId());
        if ([] === $clocks || [] === $schools) {
            throw UnknownEntry::named('clock or school of', $node->string('id'));
        }

        return new CareTask(
            $node->string('id'),
            $node->string('part'),
            $node->string('name'),
            array_map(
                fn (Node $procedure): array => [$procedure->string('id'), $procedure->condition('when', $this->defaults)],
                $node->at('procedures')->items(),
            ),
            $clocks,
            $schools,
            $node->string('defaultSchool'),
            array_map(
                static fn (Node $proposal): array => [$proposal->condition('when'), $proposal->string('school')],
                $node->at('proposes')->items(),
            ),
            $node->flag('first'),
            $node->condition('when', $this->defaults),
            $node->optional('light'),
            $node->condition('lightWhen', $this->defaults),
            $node->flag('byPart'),
            $node->optional('fouls') ?? 'soiled',
        );
    }
}
