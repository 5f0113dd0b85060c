<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Trace;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Trace\ConfirmedCauses;
use Psr\Clock\ClockInterface;

/** What put things right in a household, and what was learned from it. */
final readonly class FixHistory
{
    private const TAUGHT = 12;

    public function __construct(private Handbook $handbook, private ClockInterface $clock)
    {
    }

    /** How often each cause was confirmed, on this machine and on others of its kind, since it last was to be forgotten. */
    public function confirmed(Machine $machine, Household $household): ConfirmedCauses
    {
        [$here, $elsewhere] = [[], []];
        foreach ($this->held($household) as $trace) {
            $since = $machine->forgot_at;
            if ($trace->machine->kind !== $machine->kind || (null !== $since && $trace->held_at <= $since)) {
                continue;
            }
            $cause = (string) $trace->cause;
            if ($trace->machine_id === $machine->id) {
                $here[$cause] = ($here[$cause] ?? 0) + 1;
            } else {
                $elsewhere[$cause] = ($elsewhere[$cause] ?? 0) + 1;
            }
        }

        return new ConfirmedCauses($here, $elsewhere);
    }

    /** @return array<string, int> how often each cause was confirmed on a machine, by its name */
    public function learned(Machine $machine, Household $household): array
    {
        $causes = $this->handbook->trouble($machine->kind)->causes ?? [];
        $learned = [];
        foreach ($this->confirmed($machine, $household)->here as $cause => $times) {
            $learned[$causes[$cause]->name ?? $cause] = $times;
        }

        return $learned;
    }

    /**
     * What fixed each symptom, by machine and symptom: the last fix, how often it was that one, and for how
     * many days it has held.
     *
     * @return array<string, array<string, array{action: string, trace: Trace, times: int, days: int}>>
     */
    public function bySymptom(Household $household): array
    {
        $found = [];
        $traces = $household->traces()->with('machine')->orderBy('begun_at')->get();
        foreach ($traces->where('ended_how', Trace::FIXED)->sortBy('ended_at') as $trace) {
            foreach ($trace->noticed() as $symptom) {
                $before = $found[$trace->machine_id][$symptom] ?? null;
                $found[$trace->machine_id][$symptom] = [
                    'action' => $this->handbook->trouble($trace->machine->kind)->actions[(string) $trace->fixed_by]->name
                        ?? (string) $trace->fixed_by,
                    'trace' => $trace,
                    'times' => null !== $before && $before['trace']->fixed_by === $trace->fixed_by ? $before['times'] + 1 : 1,
                    'days' => $this->days($trace, $symptom, $traces),
                ];
            }
        }

        return $found;
    }

    /**
     * What the household's machines have taught: what was noticed, what it was and what put it right, the newest first.
     *
     * @return list<array{machine: string, noticed: string, cause: string|null, fix: string|null, days: int, trace: Trace}>
     */
    public function taught(Household $household): array
    {
        $all = $household->traces()->with('machine')->orderBy('begun_at')->get();
        $taught = [];
        foreach ($all->whereNotNull('ended_at')->sortByDesc('ended_at') as $trace) {
            $trouble = $this->handbook->trouble($trace->machine->kind);
            $fix = $trouble->actions[(string) $trace->fixed_by]->name ?? $trace->note;
            if (null !== $fix || null !== $trace->cause) {
                $names = $trouble?->namesOf($trace->noticed()) ?? $trace->noticed();
                $taught[] = [
                    'machine' => $trace->machine->name,
                    'noticed' => implode(', ', $names),
                    'cause' => $trouble->causes[(string) $trace->cause]->name ?? null,
                    'fix' => $fix,
                    'days' => $this->days($trace, $trace->noticed()[0] ?? '', $all),
                    'trace' => $trace,
                ];
            }
        }

        return array_slice($taught, 0, self::TAUGHT);
    }

    /**
     * The symptoms that a care task left too long has caused on a machine.
     *
     * @return list<array{string, Trace}> name and trace, the newest first
     */
    public function causedBy(string $task, Machine $machine, Household $household): array
    {
        $trouble = $this->handbook->trouble($machine->kind);
        $caused = [];
        foreach ($this->held($household) as $trace) {
            if ($trace->machine_id === $machine->id && ($trouble->causes[(string) $trace->cause]->task ?? null) === $task) {
                $caused[] = [
                    implode(', ', $trouble?->namesOf($trace->noticed()) ?? $trace->noticed()),
                    $trace,
                ];
            }
        }

        return $caused;
    }

    /**
     * Days from the fix until the same was noticed again on the machine, or until now.
     *
     * @param iterable<Trace> $traces of the household, the earliest first
     */
    private function days(Trace $trace, string $symptom, iterable $traces): int
    {
        $end = $this->clock->now();
        foreach ($traces as $later) {
            if (
                $later->machine_id === $trace->machine_id
                && $later->begun_at > $trace->ended_at
                && in_array($symptom, $later->noticed(), true)
            ) {
                $end = $later->begun_at->toDateTimeImmutable();
                break;
            }
        }

        return null === $trace->ended_at ? 0 : (int) $trace->ended_at->toDateTimeImmutable()->diff($end)->days;
    }

    /** @return iterable<Trace> whose fix held, the newest first */
    private function held(Household $household): iterable
    {
        return $household->traces()->with('machine')->where('held', true)->whereNotNull('cause')->orderByDesc('held_at')->get();
    }
}
