<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\Readers\ClosingOffers;
use App\Care\Readers\OpenTraces;
use App\Care\RoundComposer;
use App\Models\Household;
use App\Models\Round;
use App\Support\Scalar;
use App\Support\Shortcuts;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\OpenEnds;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\RoundState;
use Psr\Clock\ClockInterface;

/** What a round shows: one step, and round it how far it is, what is off and what is waited for. */
final readonly class RoundPage
{
    public function __construct(
        private ClockInterface $clock,
        private RoundComposer $composer,
        private StepViews $views,
        private ClosingOffers $offers,
        private Handbook $handbook,
        private OpenTraces $traces,
    ) {
    }

    /**
     * @param string $wanted id of a step to look at again; the one whose turn it is when empty or not up
     */
    public function for(Round $round, Household $household, string $wanted, Shortcuts $shortcuts): RoundData
    {
        $progress = $round->progress();
        $assumed = $this->composer->answers($round, $household);
        $steps = $progress->steps($assumed);
        $step = $this->viewed($progress, $wanted) ?? $progress->current();

        return new RoundData(
            household: $household,
            round: $round,
            machine: $round->machine,
            kind: $round->handbook()->kind($round->machine->kind),
            handbook: $round->handbook(),
            now: $this->clock->now(),
            progress: $progress,
            steps: $steps,
            step: $step,
            view: null === $step ? null : $this->views->view($round, $household, $progress, $step),
            number: null === $step ? count($steps) : 1 + (int) array_search($step, $steps, true),
            before: $progress->before($step),
            timers: $progress->timers(),
            tray: $this->tray($round, $progress),
            apart: $progress->apart(),
            notes: $this->notes($round),
            openEnds: (new OpenEnds($progress))->now(),
            state: RoundState::of($progress),
            outline: RoundState::outline($round->fittedProcedure()),
            ticks: array_map(RoundState::tick(...), $progress->made),
            scales: self::scales($round->fittedProcedure()),
            offers: null === $step ? $this->offers->of($round, $household) : [],
            called: $this->traces->called($round->machine),
            last: Scalar::text($round->ticks()->toBase()->reorder()->orderByDesc('seq')->value('id')),
            shortcuts: $shortcuts,
        );
    }

    /**
     * Every step that may still come up, each as it would be shown: what a device keeps for when it is cut off.
     */
    public function ahead(Round $round, Household $household): StepsAheadData
    {
        $progress = $round->progress();

        return new StepsAheadData(
            household: $household,
            round: $round,
            machine: $round->machine,
            kind: $round->handbook()->kind($round->machine->kind),
            handbook: $round->handbook(),
            now: $this->clock->now(),
            progress: $progress,
            scales: self::scales($round->fittedProcedure()),
            views: array_map(
                fn (Step $step): StepView => $this->views->view($round, $household, $progress, $step),
                $round->fittedProcedure()->steps,
            ),
        );
    }

    /** @return array<string, string> what the household wants to remember, by the name of the procedure */
    private function notes(Round $round): array
    {
        $done = array_unique([...$round->procedures, ...$round->fittedProcedure()->runs]);
        $notes = array_intersect_key($round->machine->procedure_notes ?? [], array_flip($done));
        $names = [] === $notes ? [] : $round->machine->kindIn($this->handbook)->procedureNames;

        return array_combine(array_map(static fn (string $id): string => $names[$id] ?? $id, array_keys($notes)), $notes);
    }

    /** @return list<string> ids of the scales that its steps judge by */
    private static function scales(Procedure $procedure): array
    {
        return array_values(
            array_unique(array_filter(array_map(static fn (Step $step): ?string => $step->capture?->scale, $procedure->steps))),
        );
    }

    /** @return list<TrayPiece> in the order they came off */
    public function tray(Round $round, Progress $progress): array
    {
        $sheet = $this->views->sheet($round->machine);
        $kind = $round->handbook()->kind($round->machine->kind);

        return array_map(static function (string $part) use ($sheet, $kind, $round, $progress): TrayPiece {
            $line = $sheet->line($part);

            return new TrayPiece(
                $part,
                $kind->part($part)->name($round->machine->traits),
                $line?->comesAlong() ?? [],
                array_sum(array_column($line->holding->pieces ?? [], 'count')),
                $line?->holding->way,
                $progress->stepBack($part)?->id,
            );
        }, $progress->tray());
    }

    private function viewed(Progress $progress, string $wanted): ?Step
    {
        try {
            $step = '' === $wanted ? null : $progress->step($wanted);
        } catch (CannotTick) {
            return null;
        }

        return null !== $step && null !== $progress->tick($step) ? $step : null;
    }
}
