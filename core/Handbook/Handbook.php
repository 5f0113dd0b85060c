<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Quantity\Fraction;

/** What is known about the work, as checked data: the front door of this folder. */
final class Handbook
{
    /** @var array<string, MachineKind> */
    private array $kinds = [];

    /** @var list<Grade>|null */
    private ?array $grades = null;

    private readonly Node $root;

    /** @param array<string, mixed> $compiled what HandbookLoader made of the folder */
    public function __construct(private readonly array $compiled)
    {
        $this->root = Node::of($compiled);
    }

    /** Changes with every change of the handbook's data. */
    public function version(): string
    {
        return $this->root->string('version');
    }

    public function rhythmModel(): RhythmModel
    {
        $model = $this->root->at('rhythm')->at('model');
        $usage = $model->at('usage');
        $quantiles = array_values($model->at('windowQuantiles')->numbers());

        return new RhythmModel(
            $model->number('cleanBy'),
            $model->number('clip'),
            $model->number('priorWeight'),
            $model->number('memory'),
            $model->number('stretch'),
            [min($quantiles ?: [0.1]), max($quantiles ?: [0.9])],
            $model->at('stateFrom')->numbers(),
            $usage->number('halfLifeDays'),
            (int) $usage->number('windowDays'),
            (int) $usage->number('minCountedDays'),
        );
    }

    /** @return list<Grade> the least soiled first */
    public function grades(): array
    {
        return $this->grades ??= array_map(
            static fn (Node $grade): Grade => new Grade($grade->string('id'), Fraction::of($grade->number('fraction')), $grade->string('name'), $grade->string('look')),
            $this->root->at('rhythm')->at('grades')->items(),
        );
    }

    /** @throws UnknownEntry */
    public function grade(string $id): Grade
    {
        foreach ($this->grades() as $grade) {
            if ($grade->id === $id) {
                return $grade;
            }
        }

        throw UnknownEntry::named('grade', $id);
    }

    /** The grade that a measured blocked fraction lies nearest to. */
    public function nearestGrade(Fraction $blocked): Grade
    {
        $nearest = $this->grades()[0];
        foreach ($this->grades() as $grade) {
            if (abs($grade->fraction->value - $blocked->value) < abs($nearest->fraction->value - $blocked->value)) {
                $nearest = $grade;
            }
        }

        return $nearest;
    }

    /** @throws UnknownEntry */
    public function agent(string $id): Agent
    {
        $agent = $this->root->at('agents')->byId()[$id] ?? throw UnknownEntry::named('agent', $id);

        return new Agent($id, $agent->string('name'), $agent->optional('note'));
    }

    /** @throws UnknownEntry */
    public function caution(string $id): Caution
    {
        $caution = $this->root->at('cautions')->byId()[$id] ?? throw UnknownEntry::named('caution', $id);

        return new Caution($id, $caution->string('title'), $caution->string('text'));
    }

    /**
     * The name of a thing put within reach before a round.
     *
     * @throws UnknownEntry
     */
    public function kitName(string $id): string
    {
        return ($this->root->at('kit')->byId()[$id] ?? throw UnknownEntry::named('kit', $id))->string('name');
    }

    /** @return array<string, string> names of the machine kinds, by id */
    public function kindNames(): array
    {
        return array_map(static fn (Node $kind): string => $kind->at('kind')->string('name'), $this->kindNodes());
    }

    /** @throws UnknownEntry */
    public function kind(string $id): MachineKind
    {
        if (!isset($this->kinds[$id])) {
            $node = $this->kindNodes()[$id] ?? throw UnknownEntry::named('machine kind', $id);
            $grades = array_map(static fn (Grade $grade): Option => new Option($grade->id, $grade->name, $grade->look), $this->grades());
            $this->kinds[$id] = (new KindReader($grades))->read($node->at('kind'), $node->at('steps'), $node->at('procedures'));
        }

        return $this->kinds[$id];
    }

    /**
     * The part of the handbook that one procedure on one machine needs: its steps are only those that the
     * machine's traits call for. It is a small handbook of its own that can be kept and read back.
     *
     * @param array<string, string> $traits
     *
     * @return array<string, mixed>
     *
     * @throws UnknownEntry
     */
    public function excerpt(string $kind, string $procedure, array $traits): array
    {
        $node = $this->kindNodes()[$kind] ?? throw UnknownEntry::named('machine kind', $kind);
        $whole = $node->at('procedures')->byId()[$procedure] ?? throw UnknownEntry::named("procedure of a $kind", $procedure);
        $steps = array_values(array_filter(
            array_map(static fn (string $id): Node => $node->at('steps')->byId()[$id], $whole->at('steps')->strings()),
            static fn (Node $step): bool => $step->condition('when')->holds($traits),
        ));
        $fitted = ['steps' => array_map(static fn (Node $step): string => $step->string('id'), $steps)] + $whole->raw();

        return [
            'kinds' => [[
                'folder' => $node->string('folder'),
                'kind' => $node->at('kind')->raw(),
                'steps' => array_map(static fn (Node $step): array => $step->raw(), $steps),
                'procedures' => [$fitted],
            ]],
        ] + $this->compiled;
    }

    /** @return array<string, Node> */
    private function kindNodes(): array
    {
        $kinds = [];
        foreach ($this->root->at('kinds')->items() as $kind) {
            $kinds[$kind->at('kind')->string('id')] = $kind;
        }

        return $kinds;
    }
}
