<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\CoreInputs;
use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Handbook\Chemistry\Caution;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\Composer;
use Illuminate\Support\Arr;
use Psr\Clock\ClockInterface;

/** What a machine's door card says: rhythm, amounts, cautions, and the order it comes apart in. */
final readonly class DoorCardPage
{
    public function __construct(
        private CareReader $care,
        private Handbook $handbook,
        private CoreInputs $inputs,
        private ClockInterface $clock,
    ) {
    }

    public function for(Machine $machine, Household $household): DoorCardData
    {
        $kind = $machine->kindIn($this->handbook);
        $procedures = $this->procedures($machine, $household, $kind);

        return new DoorCardData(
            household: $household,
            machine: $machine,
            kind: $kind,
            today: Day::at($this->clock->now(), $household->zone()),
            tasks: CareReader::byUrgency([$this->care->machine($machine, $household)]),
            amounts: $this->amounts($procedures, $household, $kind),
            cautions: $this->cautions($procedures),
            apart: $this->apart($procedures, $kind, $machine),
            handbook: $this->handbook,
        );
    }

    /** @return list<Procedure> for this machine, in its words and amounts, compositions left out */
    private function procedures(Machine $machine, Household $household, MachineKind $kind): array
    {
        $composer = new Composer($this->handbook);
        $here = $this->inputs->circumstances($machine, $household);
        $procedures = [];
        foreach (array_keys($kind->procedureNames) as $id) {
            $composed = $composer->compose($kind, ProcedureSet::of($id), $here);
            if (null !== $composed->procedure && [] === $composed->procedure->runs) {
                $excerpt = $this->handbook->excerpt($kind->id, ProcedureSet::of($id), $composed->binding, $machine->ownTasks());
                $procedures[] = (new Handbook($excerpt))->kind($kind->id)->procedures->only();
            }
        }

        return $procedures;
    }

    /**
     * @param list<Procedure> $procedures
     *
     * @return list<array{string, list<string>}> procedure and what goes where
     */
    private function amounts(array $procedures, Household $household, MachineKind $kind): array
    {
        $rules = $this->handbook->chemistry();
        $rows = [];
        foreach ($procedures as $procedure) {
            $poured = [];
            foreach ($procedure->steps as $step) {
                foreach ($step->amounts as $amount) {
                    $agent = $rules->agent($amount->agent);
                    if (!$agent->noTrace) {
                        $poured[$rules->vesselId($amount->vessel)][$step->if->isEmpty() ? 'sure' : 'perhaps'][] =
                            $amount->portion->inKitchen($household->measures).' '.$agent->name;
                    }
                }
            }
            $lines = [];
            foreach ($poured as $vessel => $portions) {
                $name = $kind->vessels[$vessel]->name ?? $rules->vessel($vessel)->name;
                $sure = implode(', ', array_unique($portions['sure'] ?? []));
                $perhaps = Arr::join(array_unique($portions['perhaps'] ?? []), ', ', (string) __('units.or'));
                $lines[] = (string) __('' === $perhaps || '' === $sure ? 'places/card.into' : 'places/card.into_perhaps', [
                    'vessel' => $name,
                    'what' => '' === $sure ? $perhaps : $sure,
                    'perhaps' => $perhaps,
                ]);
            }
            if ([] !== $lines) {
                $rows[] = [$procedure->name, $lines];
            }
        }

        return $rows;
    }

    /**
     * @param list<Procedure> $procedures
     *
     * @return list<Caution>
     */
    private function cautions(array $procedures): array
    {
        $ids = [];
        foreach ($procedures as $procedure) {
            foreach ($procedure->steps as $step) {
                array_push($ids, ...$step->cautions);
            }
        }

        return array_map($this->handbook->caution(...), array_values(array_unique($ids)));
    }

    /**
     * The parts in the order they come off, each with its way; putting back is the same backwards. The procedure
     * that takes most apart says the order, the others add what it leaves on.
     *
     * @param list<Procedure> $procedures
     *
     * @return list<array{string, list<string>}>
     */
    private function apart(array $procedures, MachineKind $kind, Machine $machine): array
    {
        $off = array_map(
            static fn (Procedure $procedure): array => array_values(
                array_filter(array_map(static fn (Step $step): ?string => $step->takesOff, $procedure->steps)),
            ),
            $procedures,
        );
        usort($off, static fn (array $a, array $b): int => count($b) <=> count($a));
        $order = array_values(array_unique(array_merge(...$off)));
        $sheet = $this->inputs->sheet($machine);

        return array_values(array_map(static fn (SheetLine $line): array => [
            $line->name,
            [
                ...$line->lines,
                ...([] === $line->comesAlong() ? [] : ['Along: '.implode(', ', $line->comesAlong()).'.']),
                ...array_filter([$line->own->note]),
            ],
        ], array_filter(array_map($sheet->line(...), $order))));
    }
}
