<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Care\CoreInputs;
use App\Care\Readers\CareReader;
use App\Care\Readers\FixHistory;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Care\Question;
use GoodRinse\Core\Handbook\Fault\Cause;
use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\Symptom;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use Illuminate\Contracts\Cache\Repository;

/** What the index pages of the handbook show. */
final readonly class HandbookPages
{
    private const CAUSES = 4;

    /** Goes up when what is kept changes its shape. */
    private const SHAPE = 1;

    private Composer $composer;

    public function __construct(
        private Handbook $handbook,
        private CoreInputs $inputs,
        private FixHistory $fixes,
        private CareReader $care,
        private Repository $cache,
    ) {
        $this->composer = new Composer($handbook);
    }

    /**
     * @param bool $all whether what is for other machines is shown too
     */
    public function procedures(Household $household, bool $all, string $query): ProcedureListData
    {
        $groups = $this->groups($household, $all);
        foreach ($groups as $i => $group) {
            $groups[$i]['lines'] = array_values(
                array_filter($group['lines'], static fn (ProcedureLine $line): bool => self::holds($line->text, $query)),
            );
        }
        $groups = array_values(array_filter($groups, static fn (array $group): bool => [] !== $group['lines']));
        $also = '' === trim($query) ? [] : array_values(array_filter(
            $this->alsoFound($household, $all),
            static fn (array $found): bool => self::holds(mb_strtolower("{$found['title']} {$found['text']}"), $query),
        ));

        return new ProcedureListData(
            all: $all,
            groups: $groups,
            query: $query,
            alsoFound: $also,
            count: array_sum(array_map(static fn (array $group): int => count($group['lines']), $groups)) + count($also),
        );
    }

    /**
     * The procedures of every machine, each put in its order for it: kept until a machine or the handbook changes.
     *
     * @return list<array{title: string, machine: string|null, kind: string, lines: list<ProcedureLine>,
     *     not: array<string, string>}>
     */
    private function groups(Household $household, bool $all): array
    {
        $machines = $this->machines($household);
        $said = array_map(
            static fn (Machine $machine): array => [$machine->id, $machine->name, $machine->traits, $machine->apart, $machine->own_parts],
            array_values($machines),
        );
        $signs = md5(
            serialize([
                $this->handbook->version(),
                $said,
                $all,
                $household->harsh_chemicals,
                $household->hardness,
                $household->hardness_unit,
                $household->vinegar_strength,
            ]),
        );
        $key = sprintf('howtos.%d.%s.%d', self::SHAPE, $household->id, $all ? 1 : 0);
        $kept = $this->cache->get($key);
        if (is_array($kept) && $signs === ($kept['signs'] ?? null)) {
            /**
             * @var list<array{title: string, machine: string|null, kind: string, lines: list<ProcedureLine>,
             *     not: array<string, string>}> $groups
             */
            $groups = $kept['groups'];

            return $groups;
        }
        $groups = array_map(fn (Machine $machine): array => $this->ofMachine($machine, $household), array_values($machines));
        foreach ($all || [] === $groups ? $this->otherKinds($household) : [] as $kind) {
            $groups[] = $this->ofKind($kind);
        }
        $this->cache->forever($key, ['signs' => $signs, 'groups' => $groups]);

        return $groups;
    }

    /** Whether every word that is looked for stands somewhere in the text. */
    private static function holds(string $text, string $query): bool
    {
        foreach (preg_split('/\s+/', mb_strtolower($query), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (!str_contains($text, $word)) {
                return false;
            }
        }

        return true;
    }

    public function schools(Household $household, bool $all): SchoolsData
    {
        $mine = $this->kindsOf($household);

        return new SchoolsData(
            all: $all,
            questions: array_values(
                array_filter(
                    $this->handbook->questions(),
                    static fn (Question $question): bool => $all
                        || [] === $mine
                        || [] === $question->kinds
                        || [] !== array_intersect($question->kinds, $mine),
                ),
            ),
            kinds: $this->handbook->kindNames(),
            procedureNames: $this->procedureNames(),
            rhythms: $this->rhythms($household, $all),
        );
    }

    public function symptoms(Household $household, bool $all): SymptomsData
    {
        return new SymptomsData(all: $all, groups: $this->symptomGroups($household, $all), fixed: $this->fixes->bySymptom($household));
    }

    /**
     * The symptoms of each machine, and of the kinds the household has none of where they are wanted.
     *
     * @return list<array{id: string, kind: string, machine: string|null, name: string, basis: string,
     *     symptoms: list<array{id: string, name: string, now: string|null, causes: list<array{name: string,
     *     action: FaultAction|null}>}>}>
     */
    private function symptomGroups(Household $household, bool $all): array
    {
        $groups = [];
        foreach ($this->machines($household) as $machine) {
            $groups[] = $this->symptomGroup($this->handbook->kind($machine->kind), $machine, $household);
        }
        foreach ($all || [] === array_filter($groups) ? $this->otherKinds($household) : [] as $kind) {
            $groups[] = $this->symptomGroup($kind, null, $household);
        }

        return array_values(array_filter($groups));
    }

    /**
     * @return array{id: string, kind: string, machine: string|null, name: string, basis: string,
     *     symptoms: list<array{id: string, name: string, now: string|null, causes: list<array{name: string,
     *     action: FaultAction|null}>}>}|null
     */
    private function symptomGroup(MachineKind $kind, ?Machine $machine, Household $household): ?array
    {
        $catalog = $this->handbook->trouble($kind->id);
        if (null === $catalog) {
            return null;
        }
        $catalog = null === $machine ? $catalog : $catalog->offering($this->care->offered($machine, $household));
        $traits = $machine->traits ?? [];
        $symptoms = [];
        foreach ($catalog->symptoms as $symptom) {
            if ($symptom->when->holds($traits)) {
                $symptoms[] = [
                    'id' => $symptom->id,
                    'name' => $symptom->name,
                    'now' => $symptom->now,
                    'causes' => $this->causesOf($symptom, $catalog, $traits, $household->hour_value),
                ];
            }
        }

        return [
            'id' => $machine->id ?? $kind->id,
            'kind' => $kind->id,
            'machine' => $machine?->id,
            'name' => $machine->name ?? $kind->name,
            'basis' => $catalog->basis,
            'symptoms' => $symptoms,
        ];
    }

    /**
     * @param array<string, string> $traits
     *
     * @return list<array{name: string, action: FaultAction|null}> the likeliest causes, each with what helps
     */
    private function causesOf(Symptom $symptom, FaultCatalog $catalog, array $traits, float $hour): array
    {
        $here = array_filter($catalog->causesOf($symptom), static fn (Cause $cause): bool => $cause->when->holds($traits));

        return array_map(
            static fn (Cause $cause): array => ['name' => $cause->name, 'action' => $catalog->bestFor($cause->id, $traits, $hour)],
            array_slice(array_values($here), 0, self::CAUSES),
        );
    }

    /** @return array{title: string, machine: string|null, kind: string, lines: list<ProcedureLine>, not: array<string, string>} */
    private function ofMachine(Machine $machine, Household $household): array
    {
        $kind = $this->handbook->kind($machine->kind);
        $here = $this->inputs->circumstances($machine, $household);
        $lines = $not = [];
        foreach ($kind->procedureNames as $id => $name) {
            $composed = $this->composer->compose($kind, ProcedureSet::of($id), $here);
            if (null !== $composed->procedure) {
                $lines[] = $this->line($kind, $composed->procedure, $machine);
            } elseif (null !== $composed->refused && !$composed->refused->isHouseRule()) {
                $not[$name] = $composed->refused->reason;
            }
        }

        return ['title' => $machine->name, 'machine' => $machine->id, 'kind' => $kind->id, 'lines' => $lines, 'not' => $not];
    }

    /** @return array{title: string, machine: string|null, kind: string, lines: list<ProcedureLine>, not: array<string, string>} */
    private function ofKind(MachineKind $kind): array
    {
        $lines = array_map(
            fn (string $id): ProcedureLine => $this->line($kind, $kind->procedures->procedure($id), null),
            array_keys($kind->procedureNames),
        );

        return ['title' => $kind->name, 'machine' => null, 'kind' => $kind->id, 'lines' => $lines, 'not' => []];
    }

    private function line(MachineKind $kind, Procedure $procedure, ?Machine $machine): ProcedureLine
    {
        return ProcedureLine::of(
            $kind->id,
            $procedure,
            Estimate::of($procedure, Expectation::of($procedure, $this->handbook, [])),
            $machine,
        );
    }

    /** @return list<MachineKind> kinds of which the household has no machine */
    private function otherKinds(Household $household): array
    {
        return array_map(
            $this->handbook->kind(...),
            array_values(array_diff(array_keys($this->handbook->kindNames()), $this->kindsOf($household))),
        );
    }

    /** @return array<string, Machine> the household's machines, of each kind and make-up one */
    private function machines(Household $household): array
    {
        $machines = [];
        foreach ($household->machines()->orderBy('name')->get() as $machine) {
            if (isset($this->handbook->kindNames()[$machine->kind])) {
                $machines[isset($machines[$machine->kind]) ? $machine->id : $machine->kind] = $machine;
            }
        }

        return $machines;
    }

    /** @return list<string> */
    private function kindsOf(Household $household): array
    {
        return array_values(array_unique(array_map(static fn (Machine $machine): string => $machine->kind, $this->machines($household))));
    }

    /**
     * What the search finds beside procedures: questions, symptoms, agents.
     *
     * @return list<array{sort: string, title: string, text: string, url: string}>
     */
    private function alsoFound(Household $household, bool $all): array
    {
        $found = [];
        foreach ($this->schools($household, $all)->questions as $question) {
            $found[] = [
                'sort' => 'Where they differ',
                'title' => $question->question,
                'text' => $question->because,
                'url' => route('handbook.schools')."#$question->id",
            ];
        }
        foreach ($this->symptomGroups($household, $all) as $group) {
            foreach ($group['symptoms'] as $symptom) {
                $found[] = [
                    'sort' => "Symptom, {$group['name']}",
                    'title' => $symptom['name'],
                    'text' => implode(', ', array_column($symptom['causes'], 'name')),
                    'url' => route('handbook.symptoms')."#{$group['id']}",
                ];
            }
        }
        foreach ($this->handbook->chemistry()->agents as $agent) {
            $found[] = [
                'sort' => 'Agent',
                'title' => mb_strtoupper(mb_substr($agent->name, 0, 1)).mb_substr($agent->name, 1),
                'text' => (string) $agent->note,
                'url' => route('handbook.keep-apart'),
            ];
        }

        return $found;
    }

    /** @return array<string, array{string, string}> kind and name by procedure */
    private function procedureNames(): array
    {
        $names = [];
        foreach (array_keys($this->handbook->kindNames()) as $kind) {
            foreach ($this->handbook->kind($kind)->procedureNames as $id => $name) {
                $names[$id] ??= [$kind, $name];
            }
        }

        return $names;
    }

    /**
     * The rhythms that are recommended for every care task.
     *
     * @return list<array{kind: string, task: string, schools: list<array{name: string, who: string, ours: bool}>}>
     */
    private function rhythms(Household $household, bool $all): array
    {
        $rhythms = [];
        $mine = $this->kindsOf($household);
        foreach ($this->handbook->kindNames() as $id => $name) {
            if (!$all && [] !== $mine && !in_array($id, $mine, true)) {
                continue;
            }
            foreach ($this->handbook->kind($id)->tasks() as $task) {
                $ours = $task->proposed([]);
                $schools = [];
                foreach ($task->schools as $school) {
                    $schools[] = ['name' => $school->name, 'who' => $school->who, 'ours' => $school === $ours];
                }
                $rhythms[] = ['kind' => $name, 'task' => $task->name, 'schools' => $schools];
            }
        }

        return $rhythms;
    }
}
