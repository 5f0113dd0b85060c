<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\CoreInputs;
use App\Care\Gates\PourVerdict;
use App\Care\Gates\RunGate;
use App\Care\Gates\StepChemistryGate;
use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\View\Drawing\KitchenFigure;
use App\View\Words\FreshnessWords;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Apart\TakeApartSheet;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Handbook\Procedure\Amount;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Kit\KitList;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Projection\MeasurementForm;
use GoodRinse\Core\Round\RunningTimer;
use GoodRinse\Core\Round\Tick;
use Psr\Clock\ClockInterface;

/** Gathers what a step of a round shows. */
final readonly class StepViews
{
    public function __construct(
        private ClockInterface $clock,
        private CoreInputs $inputs,
        private CareReader $care,
        private ReasonWords $words,
        private StepChemistryGate $keepApart,
        private RunGate $gate,
        private Handbook $handbook,
        private StepHistory $history,
        private StepArms $arms,
        private FreshnessWords $ages,
    ) {
    }

    public function view(Round $round, Household $household, Progress $progress, Step $step): StepView
    {
        $tick = $progress->tick($step);
        $current = $progress->current();
        $verdicts = ($tick->share ?? 0.0) > 0 && Tick::DONE === $tick?->how ? [] : $this->keepApart->verdicts($round, $step, $household);
        $wait = $this->wait($progress, $step);
        $form = new MeasurementForm($round->handbook());
        $traits = $round->machine->traits;
        $sheet = $this->sheet($round->machine);
        $arms = $this->arms->of($round, $step, $tick);
        $line = $sheet->line($step->takesOff ?? $step->putsBack ?? '');

        return new StepView(
            step: $step,
            answered: $tick,
            failed: $step === $current ? $progress->failed() : null,
            isCurrent: $step === $current,
            kit: $step->kit ? KitList::of($round->fittedProcedure(), $progress->answers, $sheet)->fetched($round->handbook()) : null,
            verdicts: $verdicts,
            refused: self::refused($verdicts),
            gate: null === $tick ? $this->gate->trouble($round, $step, $progress, $household) : null,
            previews: $this->previews($round, $household, $step),
            wait: $wait,
            late: $wait?->lateness($this->clock->now()),
            sheet: $line,
            where: self::where($round->machine->kind, $step, $sheet),
            asked: array_map($round->handbook()->measurement(...), $step->observe),
            counted: array_map($round->handbook()->measurement(...), $form->counted($step, $traits)),
            totals: [] === $form->counted($step, $traits) ? [] : $this->history->totals($round->machine),
            missing: $this->missing($round, $progress, $step),
            unlisted: $step->kit ? [] : self::unlisted($round, $progress),
            photos: array_values($round->photos()->where('step', $step->id)->orderBy('taken_at')->get()->all()),
            lastPhoto: $this->history->lastPhoto($round, $step),
            tally: (int) ($tick->answer ?? 0),
            failures: $progress->failures($step),
            asks: $this->asked($round, $step, $line),
            length: $this->remembered($round, $step) ?? (
                null === $step->timer ? null : (string) (int) $step->timer->lasts($progress->answers)->value
            ),
            disagreed: $this->history->disagreement($progress, $step),
            because: $this->history->because($step, $household),
            arms: $arms->views,
            armsScript: $arms->script,
            ages: $this->ages->warnings($household, array_map(static fn (Amount $amount): string => $amount->agent, $step->amounts)),
        );
    }

    /**
     * The machine with the place of the part that comes off or goes back, or that is looked at and stays on it; null where another
     * picture shows more, or the place is not drawn.
     */
    private static function where(string $kind, Step $step, TakeApartSheet $sheet): ?KitchenFigure
    {
        $moved = $step->takesOff ?? $step->putsBack;
        $fixed = null === $step->picture && null !== $step->part && null === $sheet->line($step->part) ? $step->part : null;

        return KitchenFigure::at($kind, $moved ?? $fixed ?? '');
    }

    public function sheet(Machine $machine): TakeApartSheet
    {
        return $this->inputs->sheet($machine);
    }

    /** What the step depends on and nobody has said of the machine; one thing at a time. */
    private function asked(Round $round, Step $step, ?SheetLine $line): ?MachineTrait
    {
        $asks = [...$step->asks, ...(null === $step->takesOff ? [] : $line?->traits() ?? [])];

        return [] === $asks ? null : $round->machine->kindIn($this->handbook)->unknownTraits($round->machine->traits, $asks)[0] ?? null;
    }

    /** @param list<PourVerdict> $verdicts */
    private static function refused(array $verdicts): ?PourVerdict
    {
        foreach ($verdicts as $verdict) {
            if ($verdict->found->verdict->refuses()) {
                return $verdict;
            }
        }

        return null;
    }

    private function wait(Progress $progress, Step $step): ?RunningTimer
    {
        foreach ($progress->timers() as $timer) {
            if ($timer->step === $step->waitsFor) {
                return $timer;
            }
        }

        return null;
    }

    /** @return list<string> names of the tools that were not at hand and are needed now */
    private function missing(Round $round, Progress $progress, Step $step): array
    {
        $missing = [];
        foreach ($progress->steps() as $each) {
            array_push($missing, ...($each->kit ? $progress->tick($each)->details->missing ?? [] : []));
        }

        return $step->kit ? [] : array_map($round->handbook()->kitName(...), array_values(array_intersect($step->tools, $missing)));
    }

    /** @return list<string> names of the tools that steps to come need and the kit did not name, as the machine was not known so well */
    private static function unlisted(Round $round, Progress $progress): array
    {
        $listed = $tools = [];
        foreach ($progress->steps() as $each) {
            array_push($listed, ...($each->kit ? $progress->tick($each)->details->listed ?? [] : []));
            array_push($tools, ...($progress->isDone($each) ? [] : $each->tools));
        }

        return [] === $listed
            ? []
            : array_map($round->handbook()->kitName(...), array_values(array_unique(array_diff($tools, $listed))));
    }

    /**
     * What each grade would make of the rhythm, for the step at which the part is first judged.
     *
     * @return array<string, string> sentences by grade
     */
    private function previews(Round $round, Household $household, Step $step): array
    {
        $task = $step->capture?->of;
        if (
            null === $task
            || 'found' !== $step->capture->means
            || $round->entries()->where('kind', 'opening')->where('payload->task', $task)->exists()
        ) {
            return [];
        }
        $grades = $round->handbook()->scales()->scale($step->capture->scale ?? Scales::MESH)->grades;
        $rhythms = $this->care->ifFound(
            $round->machine,
            $task,
            array_map(static fn (Grade $grade): Fraction => $grade->fraction, $grades),
            $household,
        );
        $previews = [];
        foreach ($grades as $i => $grade) {
            // A task that follows no clock learns nothing: then the look itself is said.
            $previews[$grade->id] = !isset($rhythms[$i])
                ? $grade->look
                : $this->words->learnedFrom($rhythms[$i], $grade->scale) ?? (string) __('rounds.first_opening');
        }

        return $previews;
    }

    /** The length of the wait that was picked on this machine the last time. */
    private function remembered(Round $round, Step $step): ?string
    {
        $wait = $round->machine->waits[$step->id] ?? null;

        return null === $wait ? null : (string) $wait;
    }
}
