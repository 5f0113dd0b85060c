<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\RecordHistory;
use App\Actions\Logbook\RecordOpening;
use App\Actions\Logbook\ReverseEntry;
use App\Actions\Logbook\SnoozeTask;
use App\Actions\Logbook\WriteEntries;
use App\Actions\Machines\FixRhythm;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\OwnRhythm;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\HandClock;

/** A seeded household that lives for some months: machines, uses, openings, absences, mistakes and their undoing. */
final class HouseholdLife
{
    use RandomUse;

    use ThrownDice;

    private const ZONES = ['Europe/Stockholm', 'America/New_York', 'Pacific/Auckland', 'Asia/Kathmandu', 'UTC'];

    /** Before a change of the clocks, the end of a year, a leap day. */
    private const STARTS = [
        '2026-03-17T22:40:00Z',
        '2026-10-12T03:10:00Z',
        '2025-12-09T12:00:00Z',
        '2028-02-08T18:25:00Z',
        '2026-06-15T09:00:00Z',
    ];

    private readonly Handbook $handbook;
    public readonly Household $home;
    public readonly User $person;

    /** @var list<Machine> */
    public array $machines = [];

    /** What was done last, for a failure to be read. */
    public string $told = '';

    public function __construct(public readonly int $seed, private readonly HandClock $clock)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
        $this->handbook = app(Handbook::class);
        $this->clock->set($this->pick(self::STARTS));
        $this->home = Household::factory()->create(['timezone' => $this->pick(self::ZONES), 'hardness' => $this->chance(2) ? 12.0 : null])
            ->refresh();
        $this->person = User::factory()->create(['household_id' => $this->home->id])->refresh();
        $kinds = array_keys($this->handbook->kindNames());
        for ($i = $this->number(1, 2); $i > 0; --$i) {
            $this->machines[] = $this->machine($this->pick($kinds), "Machine $i");
        }
    }

    public function today(): Day
    {
        return Day::at($this->clock->now(), $this->home->zone());
    }

    private function kind(Machine $machine): MachineKind
    {
        return $machine->kindIn($this->handbook);
    }

    private function machine(string $id, string $name): Machine
    {
        $kind = $this->handbook->kind($id);
        $traits = $habits = $schools = [];
        foreach ($kind->traits() as $trait) {
            if (null === $trait->number && $this->chance(2)) {
                $traits[$trait->id] = $this->pick($trait->options)->id;
            }
        }
        foreach ($kind->habits() as $habit) {
            $habits[$habit->id] = null === $habit->number ? $this->pick($habit->options)->id : (float) $this->number(1, 14);
        }
        foreach ($kind->tasks() as $task) {
            if ($this->chance(3)) {
                $schools[$task->id] = (string) $this->pick(array_keys($task->schools));
            }
        }
        $machine = Machine::factory()->create([
            'household_id' => $this->home->id,
            'kind' => $id,
            'name' => $name,
            'traits' => $traits,
            'habits' => $habits,
            'schools' => $schools,
            'created_at' => $this->clock->now(),
            'own_tasks' => RandomOwnTasks::of($kind, $this->number(...), $this->today())->toArray() ?: null,
        ])
            ->refresh();
        if ($this->chance(2)) {
            app(RecordHistory::class)->handle(
                $machine,
                $this->person,
                $this->ulid(),
                $this->chance(2) ? $this->today()->plus(-$this->number(20, 400)) : null,
                $this->today()->plus(-$this->number(0, 60)),
                array_keys(array_filter($kind->tasksFor($traits), fn (): bool => $this->chance(2))),
            );
        }

        return $machine;
    }

    private function ulid(): string
    {
        return strtoupper((string) \Illuminate\Support\Str::ulid());
    }

    private function task(Machine $machine): CareTask
    {
        return $this->pick($this->kind($machine)->tasksFor($machine->traits));
    }

    /** Something happens after some hours. */
    public function goOn(): void
    {
        $this->clock->move(sprintf('+%d minutes', $this->number(1, 60 * $this->number(2, 120))));
        $machine = $this->pick($this->machines);
        $what = $this->pick([
            'tap',
            'tap',
            'tap',
            'week',
            'opening',
            'opening',
            'opening',
            'late',
            'snooze',
            'away',
            'symptom',
            'light',
            'meter',
            'meter',
            'undo',
            'keep',
        ]);
        $this->told = "seed $this->seed, {$this->home->timezone}, $what on $machine->kind at {$this->clock->now()->format('c')}";
        match ($what) {
            'tap' => $this->write($machine, new UseCount($this->kind($machine)->useUnit, $this->number(1, 2))),
            'week' => $this->write($machine, new UseCount($this->kind($machine)->useUnit, $this->number(0, 20), 7)),
            'opening' => $this->open($machine, $this->today()),
            'late' => $this->open($machine, $this->today()->plus(-$this->number(1, 20))),
            'snooze' => app(SnoozeTask::class)->handle(
                $machine,
                $this->person,
                $this->ulid(),
                $this->task($machine)->id,
                $this->today()->plus($this->number(1, 30)),
                'no time',
            ),
            'away' => $this->leave($machine),
            'symptom' => $this->notice($machine),
            'light' => $this->light($machine),
            'meter' => $this->meter($machine),
            'undo' => $this->undo($machine),
            default => app(FixRhythm::class)->handle(
                $machine,
                $this->task($machine)->id,
                $this->chance(2)
                    ? new OwnRhythm(null, null, 5.0, (float) $this->number(5, 90))
                    : new OwnRhythm('days', (float) $this->number(3, 60)),
            ),
        };
    }

    private function write(
        Machine $machine,
        \GoodRinse\Core\Logbook\Payload\Payload $payload,
        ?\DateTimeImmutable $at = null,
        ?string $part = null,
    ): void {
        app(WriteEntries::class)->handle(
            $this->home,
            $this->person,
            [new EntryDraft($payload, $at ?? $this->clock->now(), Entry::BY_HAND, $machine, $part)],
        );
    }

    private function open(Machine $machine, Day $on): void
    {
        $task = $this->task($machine);
        $grades = array_map(
            static fn (Grade $grade): string => $grade->id,
            $this->handbook->scales()->scale($this->kind($machine)->procedures->scaleOf($task->id, $machine->traits))->grades,
        );
        $found = $this->chance(5) ? null : $this->pick($grades);
        app(RecordOpening::class)->handle(
            $machine,
            $this->person,
            $this->ulid(),
            $task->id,
            $on,
            $found,
            null === $found ? null : $grades[$this->chance(3) ? (int) array_search($found, $grades, true) : 0],
        );
    }

    private function undo(Machine $machine): void
    {
        $all = Entry::query()->with('machine')->where('machine_id', $machine->id)->orderBy('seq')->get();
        $entry = $all->isEmpty() ? null : $all[$this->number(0, $all->count() - 1)];
        if (null !== $entry) {
            app(ReverseEntry::class)->handle($entry, $this->person);
        }
    }
}
