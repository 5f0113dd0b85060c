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
use GoodRinse\Core\Quantity\NumberRange;

/**
 * Builds from checked data what of a machine kind is not needed on every page.
 *
 * @internal to this folder
 */
final readonly class KindDetails
{
    /**
     * @param array<string, string> $defaults what conditions may ask for, with what each stands at
     */
    public function __construct(private Node $kind, private array $defaults)
    {
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
            id: $node->string('id'),
            ask: $node->string('ask'),
            hint: $node->optional('hint'),
            options: self::options($node->at('options')),
            default: KindReader::default($node),
            number: null === $number ? null : new NumberRange($number->number('least'), $number->number('most')),
            unit: $number?->optional('unit'),
            later: $node->flag('later'),
            when: $node->condition('when', $this->defaults),
            drawn: $node->flag('drawn'),
            tells: $node->flag('tells'),
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

    private function readPart(Node $node): Part
    {
        return new Part(
            id: $node->string('id'),
            name: $node->string('name'),
            names: array_map(
                fn (Node $other): array => [$other->condition('when', $this->defaults), $other->string('name')],
                $node->at('names')->items(),
            ),
            comesOff: array_map(
                fn (Node $way): array => [$way->condition('when', $this->defaults), $way->at('lines')->strings()],
                $node->at('comesOff')->items(),
            ),
            madeOf: array_map(
                fn (Node $made): array => [$made->condition('when', $this->defaults), $made->string('surface')],
                $node->at('madeOf')->items(),
            ),
            look: $node->optional('look'),
            when: $node->condition('when', $this->defaults),
            needed: $node->flag('needed'),
            heldBy: $node->optional('heldBy'),
            held: array_map(
                fn (Node $held): HoldingRule => new HoldingRule($held, $held->condition('when', $this->defaults)),
                $node->at('held')->items(),
            ),
            coveredBy: array_map(
                fn (Node $cover): array => [$cover->string('part'), $cover->condition('when', $this->defaults)],
                $node->at('coveredBy')->items(),
            ),
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
            $school->string('note'),
            $school->has('uses') ? $school->number('uses') : null,
            $school->optional('start'),
            $school->has('litres') ? $school->number('litres') : null,
        ), $node->at('schools')->byId());
        if ([] === $clocks || [] === $schools) {
            throw UnknownEntry::named('clock or school of', $node->string('id'));
        }

        return new CareTask(
            id: $node->string('id'),
            part: $node->string('part'),
            name: $node->string('name'),
            basis: $node->string('basis'),
            procedures: array_map(
                fn (Node $procedure): array => [$procedure->string('id'), $procedure->condition('when', $this->defaults)],
                $node->at('procedures')->items(),
            ),
            clocks: $clocks,
            schools: $schools,
            defaultSchool: $node->string('defaultSchool'),
            proposes: array_map(
                static fn (Node $proposal): array => [$proposal->condition('when'), $proposal->string('school')],
                $node->at('proposes')->items(),
            ),
            first: $node->flag('first'),
            when: $node->condition('when', $this->defaults),
            light: $node->optional('light'),
            lightWhen: $node->condition('lightWhen', $this->defaults),
            byPart: $node->flag('byPart'),
            fouls: $node->optional('fouls') ?? 'soiled',
        );
    }
}
