<?php

declare(strict_types=1);

namespace App\Actions;

use App\Care\RunGate;
use App\Models\Entry;
use App\Models\Round;
use App\Models\Tick;
use App\Models\User;
use App\Words\KitWords;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\Note;
use GoodRinse\Core\Logbook\Opening;
use GoodRinse\Core\Logbook\Payload;
use GoodRinse\Core\Logbook\Voiding;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\ReadingForm;
use GoodRinse\Core\Round\Scribe;
use GoodRinse\Core\Round\Tick as CoreTick;
use GoodRinse\Core\Round\TickDetails;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Marks a step of a round done and writes at once what that says about the world. */
final readonly class TickStep
{
    /** A device's clock may have sent something older than this no more. */
    private const LONGEST_AGO = 14 * 86400;

    public function __construct(private ClockInterface $clock, private WriteEntries $write, private KeepApart $keepApart, private RunGate $gate)
    {
    }

    /**
     * A tick that is already there is left as it is.
     *
     * @return string|null a warning for the person, where something that has happened already should not have
     *
     * @throws CannotTick when the step or the answer is not the round's
     * @throws CannotDo   when the round has ended, the id is taken, keep-apart refuses what the step pours, or the
     *                    machine would run while it is not whole
     */
    public function handle(Round $round, User $by, TickDraft $draft): ?string
    {
        return DB::transaction(function () use ($round, $by, $draft): ?string {
            $there = Tick::query()->find($draft->id);
            if (null !== $there) {
                return $there->round_id === $round->id && $there->step === $draft->step ? null : throw CannotDo::idTaken();
            }
            if ($round->newQuery()->whereKey($round->id)->whereNotNull('ended_at')->exists()) {
                throw CannotDo::roundEnded();
            }

            return $this->mark($round, $by, $draft);
        });
    }

    private function mark(Round $round, User $by, TickDraft $draft): ?string
    {
        $progress = $round->progress();
        $step = $progress->step($draft->step);
        $details = $this->details($round, $step, $draft);
        $given = $this->answer($round, $step, $draft, $details);
        $progress->admit($draft->step, $given, $draft->how, $draft->overruled);
        $answer = null === $step->capture || CoreTick::SKIPPED === $draft->how ? null : $given;
        $at = $this->when($round, $draft);
        $this->keepNote($round, $by, $draft->id, $step, $draft->note, $at);
        $tick = new CoreTick($draft->id, $draft->step, $at, $answer, $draft->overruled, $draft->share, $draft->strength, $draft->how, $details);
        if ($progress->isDone($step) && self::saysTheSame($progress->tick($step), $tick)) {
            return null; // looked at again and left as it was: no wait starts anew
        }
        $warning = $this->warn($round, $by, $progress, $step, $draft);
        $late = $this->lateNote($progress, $step, $at);
        DB::table('ticks')->insert([
            'id' => $tick->id,
            'round_id' => $round->id,
            'step' => $tick->step,
            'answer' => $tick->answer,
            'overruled' => $tick->overruled,
            'share' => $tick->share,
            'strength' => $tick->strength,
            'how' => $tick->how,
            'details' => json_encode((object) $details->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            'at' => $at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
            'made_by' => $by->id,
        ]);
        $this->say($round, $by, $step, $progress->with($tick), $at, [...$late, ...$this->remarks($round, $step, $progress, $draft)]);

        return $warning;
    }

    private function details(Round $round, Step $step, TickDraft $draft): TickDetails
    {
        $readings = [] === $draft->readings ? [] : (new ReadingForm($round->handbook()))->read($step, $draft->readings, $round->machine->traits);

        return new TickDetails($readings, $draft->missing, $draft->leftOver);
    }

    /** What was counted says the grade; otherwise it is what was picked. */
    private function answer(Round $round, Step $step, TickDraft $draft, TickDetails $details): ?string
    {
        $counted = (new Scribe($round->handbook()))->counted($step, $details);

        return null === $counted ? $draft->answer : $round->handbook()->nearestGrade($counted)->id;
    }

    private static function saysTheSame(?CoreTick $before, CoreTick $now): bool
    {
        return null !== $before
            && [$before->answer, $before->overruled, $before->share, $before->strength, $before->how] === [$now->answer, $now->overruled, $now->share, $now->strength, $now->how]
            && $before->details == $now->details;
    }

    /** When it was done: now, or as long ago as the device says, but never before the round began. */
    private function when(Round $round, TickDraft $draft): \DateTimeImmutable
    {
        $now = $this->clock->now();
        $at = null === $draft->ago ? $now : $now->modify(sprintf('-%d seconds', max(0, min($draft->ago, self::LONGEST_AGO))));

        return max($at, min($now, $round->started_at->toDateTimeImmutable()));
    }

    /**
     * Stops what must not be done. What was done while the device was cut off cannot be stopped any more; it is
     * written down and the person is told.
     *
     * @throws CannotDo
     */
    private function warn(Round $round, User $by, Progress $progress, Step $step, TickDraft $draft): ?string
    {
        if (CoreTick::DONE !== $draft->how) {
            return null;
        }
        try {
            $before = $progress->tick($step);
            if ([] !== $step->amounts && $draft->share > 0 && !$draft->happened && (null === $before || $before->share <= 0)) {
                $this->keepApart->allow($round, $step, $by->home());
            }
            $trouble = $draft->knows ? null : $this->gate->trouble($round, $step, $progress);
            if (null !== $trouble) {
                throw CannotDo::notWhole($trouble);
            }
        } catch (CannotDo $e) {
            return $draft->isLate() ? $e->getMessage() : throw $e;
        }

        return null;
    }

    /** @return list<Note> that a wait was longer than it may be */
    private function lateNote(Progress $progress, Step $step, \DateTimeImmutable $at): array
    {
        foreach ($progress->timers() as $timer) {
            $late = $timer->step === $step->waitsFor ? $timer->lateness($at) : null;
            if (true === $late?->harms) {
                $minutes = (int) round($timer->lasts->value + $late->by->value);

                return [new Note((string) __('rounds.was_late', ['label' => $timer->label, 'minutes' => $minutes, 'most' => (int) ($late->most->value ?? 0)]))];
            }
        }

        return [];
    }

    /** @return list<Note> on what did not go by the book */
    private function remarks(Round $round, Step $step, Progress $progress, TickDraft $draft): array
    {
        $said = [];
        if ([] !== $draft->missing) {
            $said['begun_without'] = KitWords::list($round, $draft->missing);
        }
        if ([] !== $draft->leftOver) {
            $said['left_over'] = implode(', ', array_map(static fn (string $piece, int $count): string => "$count × $piece", array_keys($draft->leftOver), $draft->leftOver));
        }
        if ($draft->knows && $step->runsTheMachine()) {
            $said['run_anyway'] = $this->gate->trouble($round, $step, $progress) ?? '';
        }

        $said = array_filter($said);

        return array_map(
            static fn (string $key, string $what): Note => new Note((string) __("rounds.$key", ['what' => $what, 'step' => $step->short])),
            array_keys($said),
            array_values($said),
        );
    }

    /**
     * A note belongs to the round, not to what the step says: doing the step again takes nothing from it. It
     * carries the id the device sent, so that sending it again writes it once, tick or no tick.
     */
    private function keepNote(Round $round, User $by, string $id, Step $step, ?string $note, \DateTimeImmutable $at): void
    {
        if (null !== $note && '' !== trim($note)) {
            $this->write->handle($by->home(), $by, [$this->draft($round, $step->part, null, new Note(trim($note)), $at, id: $id)]);
        }
    }

    /**
     * @param Progress   $progress with the tick in it
     * @param list<Note> $remarks
     */
    private function say(Round $round, User $by, Step $step, Progress $progress, \DateTimeImmutable $at, array $remarks): void
    {
        $tick = $progress->tick($step);
        $said = [...(null === $tick ? [] : (new Scribe($round->handbook()))->write($step, $tick, $progress)), ...$remarks];
        $isNew = 1 === $progress->times($step) && [] === array_filter($said, static fn (Payload $payload): bool => $payload instanceof Opening);
        [$drafts, $opened] = $isNew ? [[], []] : $this->takeBack($round, $step, $said);
        foreach ($said as $payload) {
            [$when, $part] = ($payload instanceof Opening ? $opened[$payload->task] ?? null : null) ?? [$at, $step->part];
            $drafts[] = $this->draft($round, $part, $step->id, $payload, $when);
        }
        if ([] !== $drafts) {
            $this->write->handle($by->home(), $by, $drafts);
        }
    }

    /**
     * What this step, done before, or an earlier opening of the same part said, is corrected: a round tells of
     * one opening of a part, which happened when it was first looked at.
     *
     * @param list<Payload> $said
     *
     * @return array{list<EntryDraft>, array<string, array{\DateTimeImmutable, string|null}>} and when each care task was first opened, at which part
     */
    private function takeBack(Round $round, Step $step, array $said): array
    {
        $opened = array_map(static fn (Payload $payload): ?string => $payload instanceof Opening ? $payload->task : null, $said);
        $earlier = $round->entries()->where('kind', '!=', EntryKind::Voiding)
            ->where(fn ($query) => $query->where('step', $step->id)->where('kind', '!=', EntryKind::Opening)->orWhere('kind', EntryKind::Opening))
            ->get();
        $voided = Entry::voidedAmong(array_values($earlier->pluck('id')->all()));
        $drafts = $first = [];
        foreach ($earlier->reject(fn (Entry $entry): bool => isset($voided[$entry->id])) as $entry) {
            $says = $entry->says();
            if ($says instanceof Opening && !in_array($says->task, $opened, true)) {
                continue;
            }
            $drafts[] = $this->draft($round, $entry->part, $step->id, new Voiding(Voiding::CORRECTION), $this->clock->now(), $entry->id);
            if ($says instanceof Opening) {
                $first[$says->task] = [$entry->happened_at->toDateTimeImmutable(), $entry->part];
            }
        }

        return [$drafts, $first];
    }

    private function draft(Round $round, ?string $part, ?string $step, Payload $payload, \DateTimeImmutable $when, ?string $voids = null, ?string $id = null): EntryDraft
    {
        return new EntryDraft($payload, $when, Entry::BY_ROUND, $round->machine, $part, $round, $step, $voids, $id);
    }
}
