<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Scale;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Fraction;

/** All scales of the handbook. */
final readonly class Scales
{
    public const MESH = 'mesh';

    /** @param array<string, Scale> $scales by id */
    private function __construct(private array $scales)
    {
    }

    /**
     * @param Node $root of a handbook; the scripts of old rounds know one scale only, the mesh
     *
     * @internal to this folder
     */
    public static function read(Node $root): self
    {
        $scales = [];
        foreach ($root->at('scales')->items() as $scale) {
            $scales[$scale->string('id')] = self::readScale($scale->string('id'), $scale->at('steps'));
        }
        if ([] === $scales && [] !== $root->at('rhythm')->at('grades')->raw()) {
            $scales[self::MESH] = self::readScale(self::MESH, $root->at('rhythm')->at('grades'));
        }

        return new self($scales);
    }

    /** @throws UnknownEntry */
    public function scale(string $id): Scale
    {
        return $this->scales[$id] ?? throw UnknownEntry::named('scale', $id);
    }

    /** @return array<string, Scale> by id */
    public function all(): array
    {
        return $this->scales;
    }

    /** @throws UnknownEntry */
    public function grade(string $id): Grade
    {
        foreach ($this->scales as $scale) {
            foreach ($scale->grades as $grade) {
                if ($grade->id === $id) {
                    return $grade;
                }
            }
        }

        throw UnknownEntry::named('grade', $id);
    }

    private static function readScale(string $id, Node $steps): Scale
    {
        $grades = array_map(
            static fn (Node $grade): Grade => new Grade(
                $grade->string('id'),
                Fraction::of($grade->number('fraction')),
                $grade->string('name'),
                $grade->string('look'),
                $id,
            ),
            $steps->items(),
        );

        return new Scale($id, [] === $grades ? throw UnknownEntry::named('grade of', $id) : $grades);
    }

    /** The soiled fraction that a symptom counts as which nobody has graded: the worst a mesh can be. */
    public function worst(): Fraction
    {
        $grades = $this->scale(self::MESH)->grades;

        return $grades[count($grades) - 1]->fraction;
    }
}
