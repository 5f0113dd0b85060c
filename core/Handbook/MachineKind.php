<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Machine\Habit;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Handbook\Machine\OwnVessel;
use GoodRinse\Core\Handbook\Machine\Part;
use GoodRinse\Core\Handbook\Machine\SprayArms;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureBook;

/** A kind of machine: what tells two of them apart, their parts, and the care they need. */
final class MachineKind
{
    /** @var array<string, CareTask> those that have been asked for */
    private array $tasks = [];
    /** @var array<string, MachineTrait>|null */
    private ?array $traits = null;

    /** @var array<string, Habit>|null */
    private ?array $habits = null;

    /** @var array<string, Part> those that have been asked for */
    private array $parts = [];

    /**
     * @param array<string, OwnVessel> $vessels that belong to the machine itself
     * @param string $useUnit what its use is counted in
     * @param string $useName one use, as a person says it
     * @param string $useHabit habit that tells how many uses a week there are
     * @param string $counterName device that counts its uses
     * @param float $mostUsesPerDay that a busy house can make of it
     * @param string|null $litresTrait trait that tells how many millilitres of water one use heats
     * @param array<string, string> $procedureNames by id
     * @param KindDetails $details reads the rest when it is first asked for
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly array $vessels,
        public readonly string $useUnit,
        public readonly string $useName,
        public readonly string $useHabit,
        public readonly string $counterName,
        public readonly ?string $litresTrait,
        public readonly float $mostUsesPerDay,
        public readonly array $procedureNames,
        public readonly ProcedureBook $procedures,
        public readonly SprayArms $spray,
        private readonly KindDetails $details,
    ) {
    }

    /** @return array<string, MachineTrait> what tells two machines of the kind apart, by id */
    public function traits(): array
    {
        return $this->traits ??= $this->details->traits();
    }

    /**
     * What nobody has said yet about a machine and is worth knowing.
     *
     * @param array<string, string> $traits that were said
     * @param list<string>|null $among only of these, in this order; null for all
     *
     * @return list<MachineTrait>
     */
    public function unknownTraits(array $traits, ?array $among = null): array
    {
        $all = $this->traits();

        return array_values(array_filter(
            null === $among
                ? $all
                : array_map(static fn (string $id): MachineTrait => $all[$id], array_values(array_intersect($among, array_keys($all)))),
            static fn (MachineTrait $trait): bool => !isset($traits[$trait->id]) && $trait->when->holds($traits),
        ));
    }

    /**
     * What was said that alone tells what sort of machine it is, in words.
     *
     * @param array<string, string> $traits that were said
     *
     * @return list<string>
     */
    public function distinguishing(array $traits): array
    {
        $telling = array_filter($this->traits(), static fn (MachineTrait $trait): bool => $trait->tells && isset($traits[$trait->id]));

        return array_values(array_map(static fn (MachineTrait $trait): string => $trait->describe($traits), $telling));
    }

    /** Whether water goes through it: it has a vessel of its own. */
    public function takesWater(): bool
    {
        return [] !== $this->vessels;
    }

    /** @return array<string, Habit> how a household may use it, by id */
    public function habits(): array
    {
        return $this->habits ??= $this->details->habits();
    }

    /** @return array<string, Part> by id */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->details->partIds() as $id) {
            $parts[$id] = $this->part($id);
        }

        return $parts;
    }

    public function hasPart(string $id): bool
    {
        return in_array($id, $this->details->partIds(), true);
    }

    /** @throws UnknownEntry */
    public function task(string $id): CareTask
    {
        return $this->tasks[$id] ??= $this->details->task($id) ?? throw UnknownEntry::named("care task of a $this->id", $id);
    }

    /** @return array<string, CareTask> by id */
    public function tasks(): array
    {
        $tasks = [];
        foreach ($this->details->taskIds() as $id) {
            $tasks[$id] = $this->task($id);
        }

        return $tasks;
    }

    /** @throws UnknownEntry */
    public function part(string $id): Part
    {
        return $this->parts[$id] ??= $this->details->part($id) ?? throw UnknownEntry::named("part of a $this->id", $id);
    }

    /** The care task that a procedure does; null for one that is done when it is wanted. */
    public function taskOf(string $procedure): ?CareTask
    {
        foreach ($this->tasks() as $task) {
            if ($task->isDoneBy($procedure)) {
                return $task;
            }
        }

        return null;
    }

    /**
     * The care tasks that a machine of these traits needs.
     *
     * @param array<string, string> $traits
     *
     * @return array<string, CareTask>
     */
    public function tasksFor(array $traits): array
    {
        return array_filter(
            $this->tasks(),
            static fn (CareTask $task): bool => $task->when->holds($traits) && [] !== $task->procedures($traits),
        );
    }

    /**
     * The indicator lights that ask for something on a machine of these traits.
     *
     * @param array<string, string> $traits
     *
     * @return list<string>
     */
    public function lights(array $traits): array
    {
        return array_values(
            array_unique(
                array_filter(array_map(
                    static fn (CareTask $task): ?string => $task->lightWhen->holds($traits) ? $task->light : null,
                    array_values($this->tasksFor($traits)),
                )),
            ),
        );
    }

    /**
     * The care tasks a person is asked about when the machine is new: those to look at straight away, or the
     * first of all.
     *
     * @param array<string, string> $traits
     *
     * @return array<string, CareTask>
     */
    public function firstTasks(array $traits): array
    {
        $tasks = $this->tasksFor($traits);

        return array_filter($tasks, static fn (CareTask $task): bool => $task->first) ?: array_slice($tasks, 0, 1, true);
    }

    /**
     * Uses a day that the household says it makes, 0 or more.
     *
     * @param array<string, string|float> $habits
     */
    public function declaredUsesPerDay(array $habits): float
    {
        $weekly = $habits[$this->useHabit] ?? $this->habits()[$this->useHabit]->default ?? 0;

        return is_numeric($weekly) ? max(0.0, (float) $weekly) / 7 : 0.0;
    }

    /**
     * Litres of water that one use heats; null where the kind does not say.
     *
     * @param array<string, string> $traits
     */
    public function litresPerUse(array $traits): ?float
    {
        $trait = $this->traits()[$this->litresTrait ?? ''] ?? null;

        return null === $trait ? null : (float) $trait->describe($traits) / 1000;
    }

    /**
     * What stands for {trait} in the handbook's sentences on this machine.
     *
     * @param array<string, string> $traits
     *
     * @return array<string, string>
     */
    public function words(array $traits): array
    {
        $words = [];
        foreach ($this->traits() as $trait) {
            $words['{'.$trait->id.'}'] = $trait->describe($traits);
        }

        return $words;
    }
}
