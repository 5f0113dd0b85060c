<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Photo;
use App\Models\Round;
use App\View\Words\EntryWords;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Projection\WeightLoss;

/** The service record of a round: what was done, with what, what was found, and when it is next due. */
final readonly class RecordPage
{
    public function __construct(private RoundSummaryPage $summary, private EntryWords $words)
    {
    }

    public function for(Round $round, Household $household): RecordData
    {
        $progress = $round->progress();
        $entries = $this->summary->inForce($round);
        $of = fn (string $class): array => array_values(
            $entries->filter(static fn (Entry $entry): bool => $entry->decode() instanceof $class)
                ->map(fn (Entry $entry): string => $this->describe($entry, $round, $household))
                ->all(),
        );

        return new RecordData(
            household: $household,
            round: $round,
            machine: $round->machine,
            kind: $round->handbook()->kind($round->machine->kind),
            handbook: $round->handbook(),
            procedure: $round->fittedProcedure(),
            steps: array_map(static fn (Step $step): array => [$step->short, self::became($progress, $step)], $progress->steps()),
            took: $this->tookOff($round, $progress),
            agents: $of(Dose::class),
            fitted: $of(PartFitted::class),
            findings: array_values($entries->reject(
                static fn (Entry $entry): bool => $entry->decode() instanceof Dose
                    || $entry->decode() instanceof PartFitted
                    || EntryKind::Clearing === $entry->kind,
            )
                ->map(fn (Entry $entry): string => $this->describe($entry, $round, $household))->all()),
            grease: WeightLoss::washedOut(
                $entries->map(static fn (Entry $entry) => $entry->decode())->whereInstanceOf(Measurement::class),
            ),
            opened: $this->summary->opened($round, $household, $entries),
            photos: $round->photos()
                ->orderBy('taken_at')
                ->get()
                ->map(fn (Photo $photo): array => [$photo, $this->moment($round, $photo)])
                ->all(),
            stopped: Round::STOPPED === $round->ended_how,
        );
    }

    private function describe(Entry $entry, Round $round, Household $household): string
    {
        return $this->words->describe($entry->decode(), $round->machine, $entry->part, $household->measures);
    }

    /** What became of a step: done, its answer, left out, or not come to. */
    private static function became(Progress $progress, Step $step): string
    {
        $tick = $progress->tick($step);
        $answer = null === $tick?->answer
            || null === $step->capture ? null : Option::among($step->capture->options, $tick->answer)->name ?? $tick->answer;

        return match (true) {
            null === $tick => (string) __('places/record.not_done'),
            $progress->isSkipped($step) => (string) __('places/record.left_out'),
            !$progress->isDone($step) => (string) __('places/record.not_passed', ['answer' => mb_strtolower((string) $answer)]),
            null !== $answer => (string) __($tick->overruled ? 'places/record.overruled' : 'places/record.answered', [
                'answer' => mb_strtolower($answer),
            ]),
            default => (string) __('places/record.done'),
        };
    }

    /** @return list<string> names of the parts that came off */
    private function tookOff(Round $round, Progress $progress): array
    {
        $kind = $round->handbook()->kind($round->machine->kind);
        $off = array_filter(
            $progress->steps(),
            static fn (Step $step): bool => null !== $step->takesOff && $progress->isDone($step) && !$progress->isSkipped($step),
        );

        return array_values(
            array_map(static fn (Step $step): string => $kind->part((string) $step->takesOff)->name($round->machine->traits), $off),
        );
    }

    /** Whether a picture shows how it was or how it is now. */
    private function moment(Round $round, Photo $photo): string
    {
        foreach ($round->fittedProcedure()->steps as $step) {
            if ($step->id === $photo->step && null !== $step->capture?->means) {
                return 'found' === $step->capture->means ? 'before' : 'after';
            }
            if ($step->id === $photo->step) {
                return mb_strtolower($step->short);
            }
        }

        return '';
    }
}
