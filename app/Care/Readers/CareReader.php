<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\Cache\CachedMachineState;
use App\Care\CoreInputs;
use App\Care\MachineCare;
use App\Care\RhythmCalculator;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Plan\Urgency;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Round\Composer;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * Reads how the machines of a household stand.
 *
 * What follows from the logbook is kept until another entry is written, a machine is changed, the handbook
 * changes or another day begins. Losing what is kept costs time and nothing else.
 */
final class CareReader
{
    /** Goes up when what is kept changes its shape, so that nothing of an older one is read back. */
    private const SHAPE = 12;

    public function __construct(
        private readonly Handbook $handbook,
        private readonly HistoryReader $histories,
        private readonly CoreInputs $inputs,
        private readonly RhythmCalculator $calculator,
        private readonly MachineStateReader $states,
        private readonly ClockInterface $clock,
        private readonly Repository $cache,
    ) {
    }

    /** @return list<MachineCare> by name, each with the newest part of its history */
    public function household(Household $household): array
    {
        return $this->read(self::machines($household), $household);
    }

    /** @return list<string> for every machine something that changes when anything changes that its care follows from */
    public function stamps(Household $household): array
    {
        $today = Day::at($this->clock->now(), $household->zone());

        return array_map(
            fn (array $machine): string => "{$machine[0]->name} ".$this->stamp(
                $machine[0],
                is_string($machine[1]) ? $machine[1] : '',
                $today,
                $household,
            ),
            self::machines($household),
        );
    }

    /** @return list<array{Machine, mixed}> by name, each with the id of its newest entry */
    private static function machines(Household $household): array
    {
        $newest = self::newestEntry()->whereColumn('machine_id', 'machines.id');
        $machines = $household->activeMachines()->select('machines.*')->selectSub($newest, 'last_entry')->orderBy('name')->get();

        return array_values($machines->map(static fn (Machine $machine): array => [$machine, $machine->getAttribute('last_entry')])->all());
    }

    /** The machine with the newest part of its history. */
    public function machine(Machine $machine, Household $household): MachineCare
    {
        return $this->read([[$machine, self::newestEntry()->where('machine_id', $machine->id)->value('id')]], $household)[0];
    }

    /**
     * How a task would stand if its part were opened now and found so, and cleaned.
     *
     * @param list<Fraction> $found
     *
     * @return list<Rhythm> one for each
     */
    public function ifFound(Machine $machine, string $task, array $found, Household $household): array
    {
        $careTask = $machine->kindIn($this->handbook)->task($task);
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        [$history] = $this->histories->read($machine, $household->zone(), $now, only: $task);

        $of = function (Fraction $blocked) use ($machine, $household, $careTask, $history, $task, $today): ?Rhythm {
            $after = $history->with($task, $history->task($task)->ifOpened($today, $blocked, Fraction::none()));

            return $this->calculator->rhythm($machine, $household, $careTask, $after, $today);
        };

        return array_values(array_filter(array_map($of, $found)));
    }

    /**
     * Ids of the procedures for a machine, clocked or not: what is in its logbook changes nothing of that, so they are kept
     * until the machine does.
     *
     * @return list<string>
     */
    public function offered(Machine $machine, Household $household): array
    {
        $signs = $this->handbook->version().self::settingsKey($machine, $household);
        $key = sprintf('offered.%d.%s', self::SHAPE, $machine->id);
        $kept = $this->cache->get($key);
        if (!is_array($kept) || $signs !== ($kept[0] ?? null)) {
            $kept = [$signs, (new Composer($this->handbook))->offered(
                $machine->kindIn($this->handbook),
                $this->inputs->circumstances($machine, $household),
            )];
            $this->cache->forever($key, $kept);
        }

        /** @var list<string> $offered */
        $offered = $kept[1];

        return $offered;
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return list<TaskCare> the most urgent first
     */
    public static function byUrgency(array $machines): array
    {
        $tasks = array_merge(...array_map(static fn (MachineCare $care): array => array_values($care->tasks), $machines));
        usort($tasks, static fn (TaskCare $a, TaskCare $b): int => (new Urgency($a->kept->due, $a->kept->wear))->against(
            new Urgency($b->kept->due, $b->kept->wear),
        ));

        return $tasks;
    }

    /** The id of the entry written last. */
    public static function newestEntry(): Builder
    {
        return DB::table('entries')->select('id')->orderByDesc('seq')->limit(1);
    }

    /**
     * @param list<array{Machine, mixed}> $machines each with the id of its newest entry
     *
     * @return list<MachineCare>
     */
    private function read(array $machines, Household $household): array
    {
        $kept = $this->cache->get(self::key($household));
        $kept = $before = is_array($kept) ? $kept : [];
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $cares = [];
        foreach ($machines as [$machine, $lastEntry]) {
            $stamp = $this->stamp($machine, is_string($lastEntry) ? $lastEntry : '', $today, $household);
            $care = $kept[$machine->id] ?? null;
            if (!$care instanceof CachedMachineState || $care->stamp !== $stamp || $care->newest > $now->getTimestamp()) {
                $kept[$machine->id] = $care = $this->states->read(
                    $machine,
                    $household,
                    $stamp,
                    $this->offered($machine, $household),
                    $now,
                );
            }
            $cares[] = $this->care($machine, $care);
        }
        if ($kept !== $before) {
            $this->cache->forever(self::key($household), $kept);
        }

        return $cares;
    }

    private static function key(Household $household): string
    {
        return sprintf('care.%d.%s', self::SHAPE, $household->id);
    }

    private function stamp(Machine $machine, string $lastEntry, Day $today, Household $household): string
    {
        return implode(
            '|',
            [$this->handbook->version(), $lastEntry, $today, $household->timezone, self::settingsKey($machine, $household)],
        );
    }

    private static function settingsKey(Machine $machine, Household $household): string
    {
        return (string) json_encode([
            $machine->apart,
            $machine->own_parts,
            $machine->own_tasks,
            $machine->traits,
            $machine->habits,
            $machine->schools,
            $machine->rhythms,
            $household->hardness,
            $household->hardness_unit,
            $household->harsh_chemicals,
            $household->vinegar_strength,
        ]);
    }

    private function care(Machine $machine, CachedMachineState $kept): MachineCare
    {
        $kind = $machine->kindIn($this->handbook);
        $tasks = [];
        foreach ($kept->tasks as $id => $task) {
            $tasks[$id] = new TaskCare($machine, $kind, $id, $task);
        }

        return new MachineCare($machine, $kind, $kept->history, $tasks, $kept->offered, $kept->batch, $kept->stamp);
    }
}
