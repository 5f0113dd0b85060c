<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Care\CareReader;
use App\Care\PourVerdict;
use App\Care\RunGate;
use App\Care\StepKeepApart;
use App\Care\Surroundings;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Apart\TakeApartSheet;
use GoodRinse\Core\Handbook\Grade;
use GoodRinse\Core\Handbook\MachineTrait;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\Reading;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\KitList;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\ReadingForm;
use GoodRinse\Core\Round\RunningTimer;
use GoodRinse\Core\Round\Tick;
use Psr\Clock\ClockInterface;

/** Gathers what a step of a round shows. */
final readonly class StepViews
{
    /** Readings looked back over for how many jets there are in all. */
    private const LOOK_BACK = 60;

    public function __construct(private ClockInterface $clock, private Surroundings $surroundings, private CareReader $care, private ReasonWords $words, private StepKeepApart $keepApart, private RunGate $gate)
    {
    }

    /** @param array<string, string> $answers given, and expected where none was given yet */
    public function view(Round $round, Household $household, Progress $progress, Step $step, array $answers): StepView
    {
        $tick = $progress->tick($step);
        $current = $progress->current();
        $verdicts = ($tick->share ?? 0.0) > 0 && Tick::DONE === $tick?->how ? [] : $this->keepApart->verdicts($round, $step, $household);
        $wait = $this->wait($progress, $step);
        $form = new ReadingForm($round->handbook());
        $traits = $round->machine->traits;
        $sheet = $this->sheet($round->machine);

        return new StepView(
            $step,
            $tick,
            $step === $current ? $progress->failed() : null,
            $step === $current,
            $step->kit ? KitList::of($round->fittedProcedure(), $answers, $sheet) : null,
            $verdicts,
            self::refused($verdicts),
            null === $tick ? $this->gate->trouble($round, $step, $progress) : null,
            $this->previews($round, $household, $step),
            $wait,
            $wait?->lateness($this->clock->now()),
            $sheet->line($step->takesOff ?? $step->putsBack ?? ''),
            array_map($round->handbook()->reading(...), $step->observe),
            array_map($round->handbook()->reading(...), $form->counted($step, $traits)),
            [] === $form->counted($step, $traits) ? [] : $this->totals($round->machine),
            $this->missing($round, $progress, $step),
            array_values($round->photos()->where('step', $step->id)->orderBy('taken_at')->get()->all()),
            $this->lastPhoto($round, $step),
            (int) ($tick->answer ?? 0),
            $progress->failures($step),
            $step === $current ? $this->revealed($round, $progress, $step) : null,
        );
    }

    public function sheet(Machine $machine): TakeApartSheet
    {
        return $this->surroundings->sheet($machine);
    }

    /** What the step that was done just before has shown of the machine and nobody has said; one thing at a time. */
    private function revealed(Round $round, Progress $progress, Step $step): ?MachineTrait
    {
        $before = $progress->before($step);
        $shown = null !== $before && $progress->isDone($before) && !$progress->isSkipped($before) ? $before->reveals : [];

        return [] === $shown ? null : $round->handbook()->kind($round->machine->kind)->unsaid($round->machine->traits, $shown)[0] ?? null;
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

    /** @return array<string, float> how many there were in all the last time, by reading */
    private function totals(Machine $machine): array
    {
        $totals = [];
        foreach ($machine->entries()->where('kind', EntryKind::Reading)->orderByDesc('seq')->limit(self::LOOK_BACK)->get() as $entry) {
            $says = $entry->says();
            if ($says instanceof Reading && null !== $says->of) {
                $totals[$says->what] ??= $says->of;
            }
        }

        return $totals;
    }

    /**
     * What each grade would make of the rhythm, for the step at which the part is first judged.
     *
     * @return array<string, string> sentences by grade
     */
    private function previews(Round $round, Household $household, Step $step): array
    {
        $task = $step->capture?->of;
        if (null === $task || 'found' !== $step->capture->means || $round->entries()->where('kind', 'opening')->where('payload->task', $task)->exists()) {
            return [];
        }
        $grades = $round->handbook()->grades();
        $rhythms = $this->care->ifFound($round->machine, $task, array_map(static fn (Grade $grade): Fraction => $grade->fraction, $grades), $household);
        $previews = [];
        foreach ($grades as $i => $grade) {
            $previews[$grade->id] = $this->words->learnedFrom($rhythms[$i]) ?? (string) __('rounds.first_opening');
        }

        return $previews;
    }

    /** The last picture of the same step on this machine, from an earlier round. */
    private function lastPhoto(Round $round, Step $step): ?Photo
    {
        return Photo::query()->where('household_id', $round->household_id)->where('step', $step->id)
            ->whereIn('round_id', Round::query()->select('id')->where('machine_id', $round->machine_id)->where('id', '!=', $round->id))
            ->orderByDesc('taken_at')->first();
    }
}
