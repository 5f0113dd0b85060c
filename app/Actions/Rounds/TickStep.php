<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\VesselGuard;
use App\Actions\Logbook\WriteEntries;
use App\Actions\Measures\RecordJets;
use App\Care\Gates\RunGate;
use App\Models\Round;
use App\Models\UnreadableRound;
use App\Models\User;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\Kit\KitList;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Projection\EntryProjector;
use GoodRinse\Core\Round\Projection\MeasurementForm;
use GoodRinse\Core\Round\Tick as CoreTick;
use GoodRinse\Core\Round\TickDetails;
use Illuminate\Support\Facades\DB;

/** Marks a step of a round done: admits the tick, stores it, and brings the logbook in line with what it means. */
final readonly class TickStep
{
    public function __construct(
        private TickClock $clock,
        private WriteEntries $write,
        private VesselGuard $keepApart,
        private RunGate $gate,
        private ProjectRound $project,
        private RecordJets $jets,
        private RoundWeights $weights,
    ) {
    }

    /**
     * A tick that is already there is left as it is.
     *
     * @return string|null a warning for the person, where something that has happened already should not have
     *
     * @throws CannotTick when the step or the answer is not the round's
     * @throws ActionRefused when the round has ended, the id is taken, a wait is not over, keep-apart refuses what the
     *     step pours, or the machine would run while it is not whole
     * @throws UnreadableRound when this version cannot read its steps
     */
    public function handle(Round $round, User $by, TickInput $draft): ?string
    {
        return DB::transaction(function () use ($round, $by, $draft): ?string {
            $there = DB::table('ticks')->where('id', $draft->id)->first(['round_id', 'step']);
            if (null !== $there) {
                return $there->round_id === $round->id && $there->step === $draft->step ? null : throw ActionRefused::idTaken();
            }
            if (DB::table('rounds')->where('id', $round->id)->whereNotNull('ended_at')->exists()) {
                throw ActionRefused::roundEnded();
            }

            return $this->mark($round, $by, $draft);
        });
    }

    private function mark(Round $round, User $by, TickInput $draft): ?string
    {
        $progress = $round->progress();
        $step = $progress->step($draft->step);
        $despite = $this->despite($round, $by, $step, $progress, $draft);
        $details = $this->details($round, $by, $step, $draft, $despite);
        $given = $this->answer($round, $step, $draft, $details);
        $progress->admit($draft->step, $given, $draft->how, $draft->overruled);
        [$at, $moved] = $this->clock->at($round, $progress, $by, $draft);
        $this->keepNote($round, $by, $draft->id, $step, $draft->note, $at);
        $answer = null === $step->capture || CoreTick::SKIPPED === $draft->how ? null : $given;
        $tick = new CoreTick(
            id: $draft->id,
            step: $draft->step,
            at: $at,
            answer: $answer,
            overruled: $draft->overruled,
            share: $draft->share,
            strength: $draft->strength,
            how: $draft->how,
            details: $details,
            by: $by->id,
        );
        $before = $progress->tick($step);
        if (
            null !== $before
            && $progress->isDone($step)
            && $before->hasSameAnswerAs($tick)
            && !$this->project->wasTakenBack($round, $step, $before->id)
        ) {
            return null; // looked at again and left as it was: no wait starts anew
        }
        $warning = $this->warn($round, $by, $progress, $step, $draft, $despite);
        $this->store($round, $tick);
        $this->rememberWait($round, $step, $draft->wait);
        $this->project->handle($round, $by, $progress->with($tick));
        $warnings = array_filter([$warning, $moved, $this->overtaken($progress, $step, $tick)]);

        return [] === $warnings ? null : implode(' ', $warnings);
    }

    private function store(Round $round, CoreTick $tick): void
    {
        DB::table('ticks')->insert([
            'id' => $tick->id,
            'round_id' => $round->id,
            'step' => $tick->step,
            'answer' => $tick->answer,
            'overruled' => $tick->overruled,
            'share' => $tick->share,
            'strength' => $tick->strength,
            'how' => $tick->how,
            'details' => json_encode((object) $tick->details->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            'at' => $tick->at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
            'made_by' => $tick->by,
            'logbook_seq' => DB::raw('(select coalesce(max(seq), 0) from entries)'),
        ]);
    }

    private function details(Round $round, User $by, Step $step, TickInput $draft, ?string $despite): TickDetails
    {
        $readings = [] === $draft->readings
            ? []
            : (new MeasurementForm($round->handbook()))->read($step, $draft->readings, $round->machine->traits, $by->home()->measures);
        if (!$draft->sure && !$draft->isLate()) {
            $this->weights->ensureLikely($round, $readings);
        }

        return new TickDetails(
            $readings,
            $draft->missing,
            $draft->leftOver,
            $this->also($step->capture?->also, $draft->also),
            null === $step->timer ? null : $this->clock->wait($by, $step->timer, $draft->wait),
            CoreTick::DONE === $draft->how && $draft->knows ? $despite : null,
            null === $draft->map ? null : $this->map($round, $step, $draft->map),
            $step->kit ? KitList::of($round->fittedProcedure(), [])->tools() : [],
        );
    }

    /** @throws ActionRefused for a drawing that did not arrive whole, or of arms that the machine does not have */
    private function map(Round $round, Step $step, string $json): ?JetMap
    {
        if ([] === ($step->capture->count ?? [])) {
            return null;
        }
        try {
            $map = JetMap::parse($json, 'left' === $step->capture?->means ? JetMap::LEFT : JetMap::FOUND);
        } catch (MalformedEntry) {
            throw ActionRefused::drawingBroken();
        }
        $this->jets->ensureFits($round->machine, $map);

        return $map;
    }

    /** @throws CannotTick when it is not one of the answers */
    private function also(?Capture $asked, ?string $answer): ?string
    {
        if (null === $asked || null === $answer) {
            return null;
        }

        return $asked->accepts($answer) ? $answer : throw CannotTick::answerUnknown($asked->ask);
    }

    /** What was counted says the grade; otherwise it is what was picked. */
    private function answer(Round $round, Step $step, TickInput $draft, TickDetails $details): ?string
    {
        $counted = EntryProjector::counted($step, $details);

        return null === $counted
            ? $draft->answer
            : $round->handbook()->scales()->scale($step->capture->scale ?? Scales::MESH)->measured($counted)->id;
    }

    /** What is not as it should be, where the machine is to run. */
    private function despite(Round $round, User $by, Step $step, Progress $progress, TickInput $draft): ?string
    {
        return CoreTick::DONE === $draft->how ? $this->gate->trouble($round, $step, $progress, $by->home()) : null;
    }

    /**
     * Stops what must not be done. What was done while the device was cut off cannot be stopped any more; it is
     * written down and the person is told.
     *
     * @throws ActionRefused
     */
    private function warn(Round $round, User $by, Progress $progress, Step $step, TickInput $draft, ?string $despite): ?string
    {
        if (CoreTick::DONE !== $draft->how) {
            return null;
        }
        try {
            $before = $progress->tick($step);
            if ([] !== $step->amounts && $draft->share > 0 && !$draft->happened && (null === $before || $before->share <= 0)) {
                $this->keepApart->allow($round, $step, $by->home());
            }
            if (!$draft->knows && null !== $despite) {
                throw ActionRefused::notWhole($despite);
            }
            $this->clock->waitIsOver($progress, $step, $draft);
        } catch (ActionRefused $e) {
            return $draft->isLate() ? $e->getMessage() : throw $e;
        }

        return null;
    }

    /** That somebody else has done the same step later, so that theirs counts. */
    private function overtaken(Progress $progress, Step $step, CoreTick $tick): ?string
    {
        $other = $progress->tick($step);
        if (null === $other || $other->by === $tick->by || $other->at <= $tick->at || $other->hasSameAnswerAs($tick)) {
            return null;
        }

        return (string) __(
            'rounds.overtaken',
            ['step' => $step->short, 'who' => User::query()->find($other->by)->name ?? __('rounds.somebody')],
        );
    }

    private function rememberWait(Round $round, Step $step, ?string $wait): void
    {
        if (null !== $wait && [] !== ($step->timer->choices ?? [])) {
            $round->machine->update(['waits' => [$step->id => $wait] + ($round->machine->waits ?? [])]);
        }
    }

    /**
     * A note belongs to the round, not to what the step says: doing the step again takes nothing from it. It
     * carries the id the device sent, so that sending it again writes it once, tick or no tick.
     */
    private function keepNote(Round $round, User $by, string $id, Step $step, ?string $note, \DateTimeImmutable $at): void
    {
        if (null !== $note && '' !== trim($note)) {
            $this->write->handle($by->home(), $by, [ProjectRound::draft($round, $step->part, null, new Note(trim($note)), $at, id: $id)]);
        }
    }
}
