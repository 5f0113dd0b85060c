<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Care\CoreInputs;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use Illuminate\Contracts\Cache\Repository;

/** The procedures of the handbook, each as it is for a machine, and what a search finds. */
final readonly class ProcedureListPage
{
    /** Goes up when what is kept changes its shape. */
    private const SHAPE = 1;

    private Composer $composer;

    public function __construct(
        private Handbook $handbook,
        private CoreInputs $inputs,
        private HouseholdKinds $kinds,
        private HandbookSearch $search,
        private Repository $cache,
    ) {
        $this->composer = new Composer($handbook);
    }

    /**
     * @param bool $all whether what is for other machines is shown too
     */
    public function for(Household $household, bool $all, string $query): ProcedureListData
    {
        $groups = $this->groups($household, $all);
        foreach ($groups as $i => $group) {
            $groups[$i]['lines'] = array_values(
                array_filter($group['lines'], static fn (ProcedureLine $line): bool => self::holds($line->text, $query)),
            );
        }
        $groups = array_values(array_filter($groups, static fn (array $group): bool => [] !== $group['lines']));
        $also = '' === trim($query) ? [] : array_values(array_filter(
            $this->search->all($household, $all),
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
        $machines = $this->kinds->machines($household);
        $settings = array_map(
            static fn (Machine $machine): array => [
                $machine->id,
                $machine->name,
                $machine->traits,
                $machine->apart,
                $machine->own_parts,
                $machine->own_tasks,
            ],
            array_values($machines),
        );
        $signs = md5(
            serialize([
                $this->handbook->version(),
                $settings,
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
        foreach ($all || [] === $groups ? $this->kinds->otherKinds($household) : [] as $kind) {
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

    /** @return array{title: string, machine: string|null, kind: string, lines: list<ProcedureLine>, not: array<string, string>} */
    private function ofMachine(Machine $machine, Household $household): array
    {
        $kind = $machine->kindIn($this->handbook);
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
}
