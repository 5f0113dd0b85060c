<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Quantity\Minutes;
use GoodRinse\Core\Quantity\Volume;

/**
 * Builds a machine kind from its checked data.
 *
 * @internal to this folder
 */
final readonly class KindReader
{
    /** @param list<Option> $grades the grades as options, for steps that capture one */
    public function __construct(private array $grades)
    {
    }

    public function read(Node $kind, Node $steps, Node $procedures): MachineKind
    {
        $tasks = array_map($this->task(...), $kind->at('tasks')->byId());

        return new MachineKind(
            $kind->string('id'),
            $kind->string('name'),
            $kind->at('vessels')->strings(),
            $kind->at('uses')->string('unit'),
            $kind->at('uses')->string('one'),
            $kind->at('uses')->string('habit'),
            array_map($this->trait(...), $kind->at('traits')->byId()),
            array_map($this->habit(...), $kind->at('habits')->byId()),
            array_map($this->part(...), $kind->at('parts')->byId()),
            [] === $tasks ? throw UnknownEntry::named('care task of', $kind->string('id')) : $tasks,
            array_map(static fn (Node $procedure): string => $procedure->string('name'), $procedures->byId()),
            fn (string $id): ?Procedure => $this->procedure($procedures->byId()[$id] ?? null, $steps),
        );
    }

    private function trait(Node $node): MachineTrait
    {
        return new MachineTrait($node->string('id'), $node->string('ask'), $node->optional('hint'), $this->atLeastOne($node->at('options')), $node->string('default'));
    }

    private function habit(Node $node): Habit
    {
        if ($node->has('number')) {
            $number = $node->at('number');

            return new Habit($node->string('id'), $node->string('ask'), new NumberRange($number->number('least'), $number->number('most')), [], $number->number('default'));
        }

        return new Habit($node->string('id'), $node->string('ask'), null, $this->options($node->at('options')), $node->string('default'));
    }

    private function part(Node $node): Part
    {
        return new Part(
            $node->string('id'),
            $node->string('name'),
            array_map(static fn (Node $other): array => [$other->condition('when'), $other->string('name')], $node->at('names')->items()),
            array_map(static fn (Node $way): array => [$way->condition('when'), $way->at('lines')->strings()], $node->at('comesOff')->items()),
        );
    }

    private function task(Node $node): CareTask
    {
        $clocks = array_map(
            static fn (Node $clock): ClockBounds => new ClockBounds($clock->string('unit'), $clock->number('least'), $clock->number('most')),
            $node->at('clocks')->items(),
        );
        $schools = array_map(
            static fn (Node $school): School => new School($school->string('id'), $school->number('days'), $school->string('name'), $school->string('who')),
            $node->at('schools')->byId(),
        );
        if ([] === $clocks || [] === $schools) {
            throw UnknownEntry::named('clock or school of', $node->string('id'));
        }

        return new CareTask(
            $node->string('id'),
            $node->string('part'),
            $node->string('name'),
            array_map(static fn (Node $procedure): array => [$procedure->string('id'), $procedure->condition('when')], $node->at('procedures')->items()),
            $clocks,
            $schools,
            $node->string('defaultSchool'),
            $node->at('habit')->optional('id'),
            $node->at('habit')->at('factors')->numbers(),
        );
    }

    private function procedure(?Node $node, Node $steps): ?Procedure
    {
        if (null === $node) {
            return null;
        }
        $named = $steps->byId();
        $used = [];
        foreach ($node->at('steps')->strings() as $id) {
            $used[] = $this->step($named[$id] ?? throw UnknownEntry::named('step', $id));
        }

        return new Procedure($node->string('id'), $node->string('name'), $node->string('does'), [] === $used ? throw UnknownEntry::named('step of', $node->string('id')) : $used);
    }

    private function step(Node $node): Step
    {
        return new Step(
            $node->string('id'),
            $node->string('title'),
            $node->string('say'),
            $node->string('short'),
            $node->optional('picture'),
            $node->optional('part'),
            $node->optional('takesOff'),
            $node->optional('putsBack'),
            Minutes::of($node->number('hands')),
            $node->flag('kit'),
            $node->at('tools')->strings(),
            $node->at('cautions')->strings(),
            array_map(static fn (Node $amount): Amount => new Amount($amount->string('agent'), Volume::ml($amount->number('ml')), $amount->string('vessel')), $node->at('amounts')->items()),
            $node->has('timer') ? $this->timer($node->at('timer')) : null,
            $node->optional('waitsFor'),
            $node->has('capture') ? $this->capture($node->at('capture'), $node->string('title')) : null,
            $node->flag('mustPass'),
            $node->has('clears') ? new Clears($node->at('clears')->string('vessel'), $node->at('clears')->string('by')) : null,
            $node->condition('when'),
            $node->condition('if'),
        );
    }

    private function timer(Node $node): TimerRule
    {
        return new TimerRule($node->string('label'), $node->number('minutes'), $node->optional('by'), $node->at('longer')->numbers());
    }

    private function capture(Node $node, string $title): Capture
    {
        $kind = CaptureKind::from($node->string('kind'));
        $options = match ($kind) {
            CaptureKind::Grade => $this->grades,
            CaptureKind::Choice => $this->options($node->at('options')),
            CaptureKind::Confirm => [$this->option($node->at('pass')), $this->option($node->at('fail'))],
        };

        return new Capture(
            $node->string('id'),
            $kind,
            $node->optional('ask') ?? $title,
            [] === $options ? throw UnknownEntry::named('answer to', $node->string('id')) : $options,
            $node->optional('means'),
            $node->optional('check'),
            $node->at('fail')->optional('then'),
        );
    }

    /** @return list<Option> */
    private function options(Node $node): array
    {
        return array_map($this->option(...), $node->items());
    }

    /** @return non-empty-list<Option> */
    private function atLeastOne(Node $node): array
    {
        $options = $this->options($node);

        return [] === $options ? throw UnknownEntry::named('option', '') : $options;
    }

    private function option(Node $node): Option
    {
        return new Option($node->string('id'), $node->string('name'), $node->optional('note'));
    }
}
