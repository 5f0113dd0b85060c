<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Care\CareReader;
use App\Care\PourVerdict;
use App\Care\StepKeepApart;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Photo;
use App\Models\Round;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Handbook\Grade;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\Expectation;
use GoodRinse\Core\Round\KitList;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\RunningTimer;
use Psr\Clock\ClockInterface;

/** What a round shows: one step, and round it how far it is, what is off and what is waited for. */
final readonly class RoundPage
{
    public function __construct(private ClockInterface $clock, private CareReader $care, private ReasonWords $words, private StepKeepApart $keepApart)
    {
    }

    /**
     * @param string $wanted id of a step to look at again; the one whose turn it is when empty or not up
     *
     * @return array<string, mixed>
     */
    public function for(Round $round, Household $household, string $wanted): array
    {
        $progress = $round->progress();
        $handbook = $round->handbook();
        $care = $this->care->machine($round->machine, $household);
        $assumed = Expectation::of($round->fittedProcedure(), $handbook, array_map(static fn (TaskCare $task): Fraction => $task->rhythm->blockedNow, $care->tasks));
        $steps = $progress->steps($assumed);
        $step = $this->viewed($progress, $wanted) ?? $progress->current();
        $now = $this->clock->now();

        return [
            'household' => $household,
            'round' => $round,
            'machine' => $round->machine,
            'kind' => $handbook->kind($round->machine->kind),
            'handbook' => $handbook,
            'progress' => $progress,
            'steps' => $steps,
            'step' => $step,
            'number' => null === $step ? count($steps) : 1 + (int) array_search($step, $steps, true),
            'before' => $this->before($progress, $step),
            'isCurrent' => $step === $progress->current(),
            'kit' => true === $step?->kit ? KitList::of($round->fittedProcedure(), $progress->answers + $assumed) : null,
            'timers' => $progress->timers(),
            'wait' => $this->wait($progress, $step),
            'now' => $now,
            'openEnds' => $progress->openEnds(),
            'verdicts' => $verdicts = null === $step || $this->isPoured($progress, $step) ? [] : $this->keepApart->verdicts($round, $step, $household),
            'refused' => self::refused($verdicts),
            'previews' => $this->previews($round, $household, $step),
            'photos' => $round->photos()->orderBy('taken_at')->get(),
            'lastPhoto' => $this->lastPhoto($round, $step),
        ];
    }

    /** Whether what the step pours has gone in already. */
    private function isPoured(Progress $progress, Step $step): bool
    {
        return ($progress->tick($step)->share ?? 0.0) > 0;
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

    private function viewed(Progress $progress, string $wanted): ?Step
    {
        try {
            $step = '' === $wanted ? null : $progress->step($wanted);
        } catch (CannotTick) {
            return null;
        }

        return null !== $step && null !== $progress->tick($step) ? $step : null;
    }

    /** The step done before this one, to go back to. */
    private function before(Progress $progress, ?Step $step): ?Step
    {
        $before = null;
        foreach ($progress->steps() as $each) {
            if ($each === $step) {
                return $before;
            }
            $before = $each;
        }

        return null === $step ? $before : null;
    }

    /** The timer this step waits for. */
    private function wait(Progress $progress, ?Step $step): ?RunningTimer
    {
        foreach ($progress->timers() as $timer) {
            if ($timer->step === $step?->waitsFor) {
                return $timer;
            }
        }

        return null;
    }

    /**
     * What each grade would make of the rhythm, for the step at which the part is first judged.
     *
     * @return array<string, string> sentences by grade
     */
    private function previews(Round $round, Household $household, ?Step $step): array
    {
        $task = $step?->capture?->of;
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
    private function lastPhoto(Round $round, ?Step $step): ?Photo
    {
        return null === $step ? null : Photo::query()->where('household_id', $round->household_id)->where('step', $step->id)
            ->whereIn('round_id', Round::query()->select('id')->where('machine_id', $round->machine_id)->where('id', '!=', $round->id))
            ->orderByDesc('taken_at')->first();
    }
}
