<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

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
            [] === $tasks ? throw UnknownEntry::named('care task of', $kind->string('id')) : $tasks,
            array_map(static fn (Node $procedure): string => $procedure->string('name'), $listed),
            new KindDetails($kind, $steps, $listed, $this->grades, $defaults),
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

    /** What a trait stands at where the machine does not say. */
    public static function default(Node $trait): string
    {
        $default = $trait->has('number') ? $trait->at('number')->number('default') : $trait->string('default');

        return is_float($default) ? rtrim(rtrim(number_format($default, 2, '.', ''), '0'), '.') : $default;
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
}
