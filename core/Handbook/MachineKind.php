<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** A kind of machine: what tells two of them apart, their parts, and the care they need. */
final class MachineKind
{
    /** @var array<string, Procedure> */
    private array $procedures = [];

    /**
     * @param list<string>                      $vessels        where agents can be put
     * @param string                            $useUnit        what its use is counted in
     * @param string                            $useName        one use, as a person says it
     * @param string                            $useHabit       habit that tells how many uses a week there are
     * @param array<string, MachineTrait>       $traits
     * @param array<string, Habit>              $habits
     * @param array<string, Part>               $parts
     * @param non-empty-array<string, CareTask> $tasks
     * @param array<string, string>             $procedureNames by id
     * @param \Closure(string): ?Procedure      $reader         reads a procedure when it is first asked for
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly array $vessels,
        public readonly string $useUnit,
        public readonly string $useName,
        public readonly string $useHabit,
        public readonly array $traits,
        public readonly array $habits,
        public readonly array $parts,
        public readonly array $tasks,
        public readonly array $procedureNames,
        private readonly \Closure $reader,
    ) {
    }

    /** @throws UnknownEntry */
    public function task(string $id): CareTask
    {
        return $this->tasks[$id] ?? throw UnknownEntry::named("care task of a $this->id", $id);
    }

    /** @throws UnknownEntry */
    public function part(string $id): Part
    {
        return $this->parts[$id] ?? throw UnknownEntry::named("part of a $this->id", $id);
    }

    /** @throws UnknownEntry */
    public function procedure(string $id): Procedure
    {
        return $this->procedures[$id] ??= ($this->reader)($id) ?? throw UnknownEntry::named("procedure of a $this->id", $id);
    }

    /**
     * Uses a day that the household says it makes, 0 or more.
     *
     * @param array<string, string|float> $habits
     */
    public function declaredUsesPerDay(array $habits): float
    {
        $weekly = $habits[$this->useHabit] ?? $this->habits[$this->useHabit]->default ?? 0;

        return is_numeric($weekly) ? max(0.0, (float) $weekly) / 7 : 0.0;
    }
}
