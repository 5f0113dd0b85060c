<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Quantity\Minutes;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/**
 * Builds a machine kind from its checked data.
 *
 * @internal to this folder
 */
final readonly class KindReader
{
    /**
     * @param list<Option>          $grades the grades as options, for steps that capture one
     * @param array<string, string> $facts  what conditions may ask for beside the traits, with what each stands at
     */
    public function __construct(private array $grades, private array $facts)
    {
    }

    public function read(Node $kind, Node $steps, Node $procedures): MachineKind
    {
        $defaults = self::defaults($kind, $this->facts);
        $named = $steps->byId();
        $listed = $procedures->byId();
        $tasks = array_map(fn (Node $task): CareTask => $this->task($task, $defaults), $kind->at('tasks')->byId());

        return new MachineKind(
            $kind->string('id'),
            $kind->string('name'),
            array_map(fn (Node $vessel): OwnVessel => $this->vessel($vessel, $defaults), $kind->at('vessels')->byId()),
            $kind->at('uses')->string('unit'),
            $kind->at('uses')->string('one'),
            $kind->at('uses')->string('habit'),
            $kind->at('uses')->optional('litres'),
            array_map(fn (Node $trait): MachineTrait => $this->trait($trait, $defaults), $kind->at('traits')->byId()),
            array_map($this->habit(...), $kind->at('habits')->byId()),
            array_map(fn (Node $part): Part => $this->part($part, $defaults), $kind->at('parts')->byId()),
            [] === $tasks ? throw UnknownEntry::named('care task of', $kind->string('id')) : $tasks,
            array_map(static fn (Node $procedure): string => $procedure->string('name'), $listed),
            fn (string $id): ?Procedure => isset($listed[$id]) ? $this->procedure($listed[$id], $named, $defaults) : null,
        );
    }

    /**
     * What the traits of a kind stand at where the machine does not say.
     *
     * @param array<string, string> $facts what else conditions may ask for
     *
     * @return array<string, string>
     */
    public static function defaults(Node $kind, array $facts): array
    {
        return $facts + array_map(self::default(...), $kind->at('traits')->byId());
    }

    private static function default(Node $trait): string
    {
        $default = $trait->has('number') ? $trait->at('number')->number('default') : $trait->string('default');

        return is_float($default) ? rtrim(rtrim(number_format($default, 2, '.', ''), '0'), '.') : $default;
    }

    /** @param array<string, string> $defaults */
    private function trait(Node $node, array $defaults): MachineTrait
    {
        $number = $node->has('number') ? $node->at('number') : null;

        return new MachineTrait(
            $node->string('id'),
            $node->string('ask'),
            $node->optional('hint'),
            $this->options($node->at('options')),
            self::default($node),
            null === $number ? null : new NumberRange($number->number('least'), $number->number('most')),
            $number?->optional('unit'),
            $node->flag('later'),
            $node->condition('when', $defaults),
            $node->flag('drawn'),
            $node->flag('tells'),
        );
    }

    private function habit(Node $node): Habit
    {
        if ($node->has('number')) {
            $number = $node->at('number');

            return new Habit($node->string('id'), $node->string('ask'), new NumberRange($number->number('least'), $number->number('most')), [], $number->number('default'));
        }

        return new Habit($node->string('id'), $node->string('ask'), null, $this->options($node->at('options')), $node->string('default'));
    }

    /** @param array<string, string> $defaults */
    private function vessel(Node $node, array $defaults): OwnVessel
    {
        return new OwnVessel(
            $node->string('id'),
            $node->optional('name'),
            array_map(static fn (Node $wall): array => [$wall->condition('when', $defaults), $wall->string('surface')], $node->at('walls')->items()),
            $node->optional('ml'),
        );
    }

    /** @param array<string, string> $defaults */
    private function part(Node $node, array $defaults): Part
    {
        return new Part(
            $node->string('id'),
            $node->string('name'),
            array_map(static fn (Node $other): array => [$other->condition('when', $defaults), $other->string('name')], $node->at('names')->items()),
            array_map(static fn (Node $way): array => [$way->condition('when', $defaults), $way->at('lines')->strings()], $node->at('comesOff')->items()),
            array_map(static fn (Node $made): array => [$made->condition('when', $defaults), $made->string('surface')], $node->at('madeOf')->items()),
            $node->optional('look'),
            $node->condition('when', $defaults),
        );
    }

    /** @param array<string, string> $defaults */
    private function task(Node $node, array $defaults): CareTask
    {
        $clocks = array_map(
            static fn (Node $clock): ClockBounds => new ClockBounds($clock->string('unit'), $clock->number('least'), $clock->number('most')),
            $node->at('clocks')->items(),
        );
        $schools = array_map(static fn (Node $school): School => new School(
            $school->string('id'),
            $school->has('days') ? $school->number('days') : null,
            $school->string('name'),
            $school->string('who'),
            $school->has('uses') ? $school->number('uses') : null,
            $school->optional('start'),
        ), $node->at('schools')->byId());
        if ([] === $clocks || [] === $schools) {
            throw UnknownEntry::named('clock or school of', $node->string('id'));
        }

        return new CareTask(
            $node->string('id'),
            $node->string('part'),
            $node->string('name'),
            array_map(static fn (Node $procedure): array => [$procedure->string('id'), $procedure->condition('when', $defaults)], $node->at('procedures')->items()),
            $clocks,
            $schools,
            $node->string('defaultSchool'),
            $node->at('habit')->optional('id'),
            $node->at('habit')->at('factors')->numbers(),
            $node->flag('first'),
            $node->condition('when', $defaults),
            $node->optional('light'),
            $node->flag('byPart'),
        );
    }

    /**
     * @param array<string, Node>   $steps    by id
     * @param array<string, string> $defaults
     */
    private function procedure(Node $node, array $steps, array $defaults): Procedure
    {
        $used = [];
        foreach ($node->at('steps')->strings() as $id) {
            $used[] = $this->step($steps[$id] ?? throw UnknownEntry::named('step', $id), $defaults);
        }

        return new Procedure(
            $node->string('id'),
            $node->string('name'),
            $node->string('does'),
            [] === $used ? throw UnknownEntry::named('step of', $node->string('id')) : $used,
            $node->at('ends')->strings(),
            $node->at('essential')->strings(),
            $node->at('runs')->strings(),
            $node->optional('why'),
            $node->condition('when', $defaults),
        );
    }

    /** @param array<string, string> $defaults */
    private function step(Node $node, array $defaults): Step
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
            array_map($this->amount(...), $node->at('amounts')->items()),
            $node->has('timer') ? $this->timer($node->at('timer')) : null,
            $node->optional('waitsFor'),
            $node->has('capture') ? $this->capture($node->at('capture'), $node->string('title')) : null,
            $node->flag('mustPass'),
            $node->optional('marks'),
            $node->has('clears') ? new Clears($node->at('clears')->string('vessel'), $node->at('clears')->string('by')) : null,
            $node->optional('after'),
            $node->optional('inPlaceOf'),
            $node->condition('when', $defaults),
            $node->condition('if'),
        );
    }

    private function amount(Node $node): Amount
    {
        foreach (PortionUnit::cases() as $unit) {
            if ($node->has($unit->value)) {
                return new Amount(
                    $node->string('agent'),
                    Portion::of($node->number($unit->value), $unit),
                    $node->string('vessel'),
                    $node->flag('byStrength'),
                    $node->has('strength') ? $node->number('strength') : null,
                );
            }
        }

        throw UnknownEntry::named('amount of', $node->string('agent'));
    }

    private function timer(Node $node): TimerRule
    {
        return new TimerRule(
            $node->string('label'),
            $node->number('minutes'),
            $node->optional('by'),
            $node->at('longer')->numbers(),
            $node->has('most') ? Minutes::of($node->number('most')) : null,
            $node->flag('machine'),
        );
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
            $node->optional('of'),
        );
    }

    /** @return list<Option> */
    private function options(Node $node): array
    {
        return array_map($this->option(...), $node->items());
    }

    private function option(Node $node): Option
    {
        return new Option($node->string('id'), $node->string('name'), $node->optional('note'));
    }
}
