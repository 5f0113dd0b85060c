<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\Round;
use App\Models\Tick;
use App\Models\User;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\Note;
use GoodRinse\Core\Logbook\Opening;
use GoodRinse\Core\Logbook\Payload;
use GoodRinse\Core\Logbook\Voiding;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\Scribe;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Marks a step of a round done and writes at once what that says about the world. */
final readonly class TickStep
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the device; a tick that is already there is left as it is
     *
     * @throws CannotTick when the step or the answer is not the round's
     * @throws CannotDo   when the round has ended or the id is taken
     */
    public function handle(Round $round, User $by, string $id, string $stepId, ?string $answer, ?string $note, bool $overruled = false): void
    {
        DB::transaction(function () use ($round, $by, $id, $stepId, $answer, $note, $overruled): void {
            $there = Tick::query()->find($id);
            if (null !== $there) {
                if ($there->round_id !== $round->id || $there->step !== $stepId) {
                    throw CannotDo::idTaken();
                }

                return;
            }
            $round->refresh();
            if (null !== $round->ended_at) {
                throw CannotDo::roundEnded();
            }
            $progress = $round->progress();
            $step = $progress->admit($stepId, $answer);
            $answer = null === $step->capture ? null : $answer;
            $this->keepNote($round, $by, $id, $step, $note);
            $before = $progress->tick($step);
            if (null !== $before && $progress->isDone($step) && [$before->answer, $before->overruled] === [$answer, $overruled]) {
                return; // looked at again and left as it was: no wait starts anew
            }
            $tick = $round->ticks()->create([
                'id' => $id,
                'step' => $stepId,
                'answer' => $answer,
                'overruled' => $overruled,
                'at' => $this->clock->now(),
                'made_by' => $by->id,
            ]);
            $this->say($round->load('ticks'), $by, $step, $tick);
        });
    }

    /**
     * A note belongs to the round, not to what the step says: doing the step again takes nothing from it. It
     * carries the id the device sent, so that sending it again writes it once, tick or no tick.
     */
    private function keepNote(Round $round, User $by, string $id, Step $step, ?string $note): void
    {
        if (null !== $note && '' !== trim($note)) {
            $this->write->handle($by->home(), $by, [$this->draft($round, $step->part, null, new Note(trim($note)), $this->clock->now(), id: $id)]);
        }
    }

    private function say(Round $round, User $by, Step $step, Tick $tick): void
    {
        $said = (new Scribe($round->handbook(), $round->task))->write($step, $tick->toCore(), $round->progress());
        [$drafts, $openedAt] = $this->takeBack($round, $step, [] !== array_filter($said, static fn (Payload $payload): bool => $payload instanceof Opening));
        foreach ($said as $payload) {
            $when = $payload instanceof Opening && null !== $openedAt ? $openedAt : $this->clock->now();
            $drafts[] = $this->draft($round, $step->part, $step->id, $payload, $when);
        }
        $this->write->handle($by->home(), $by, $drafts);
    }

    /**
     * What this step, done before, or an earlier opening of the round said, is corrected: a round tells of
     * one opening, which happened when the part was first looked at.
     *
     * @return array{list<EntryDraft>, \DateTimeImmutable|null}
     */
    private function takeBack(Round $round, Step $step, bool $opensAnew): array
    {
        $earlier = $round->entries()->where('kind', '!=', EntryKind::Voiding)
            ->where(fn ($query) => $query->where('step', $step->id)->where('kind', '!=', EntryKind::Opening)
                ->when($opensAnew, fn ($query) => $query->orWhere('kind', EntryKind::Opening)))
            ->get();
        $voided = Entry::voidedAmong(array_values($earlier->pluck('id')->all()));
        $drafts = [];
        $openedAt = null;
        foreach ($earlier->reject(fn (Entry $entry): bool => isset($voided[$entry->id])) as $entry) {
            $drafts[] = $this->draft($round, $entry->part, $step->id, new Voiding(Voiding::CORRECTION), $this->clock->now(), $entry->id);
            $openedAt = EntryKind::Opening === $entry->kind ? $entry->happened_at->toDateTimeImmutable() : $openedAt;
        }

        return [$drafts, $openedAt];
    }

    private function draft(Round $round, ?string $part, ?string $step, Payload $payload, \DateTimeImmutable $when, ?string $voids = null, ?string $id = null): EntryDraft
    {
        return new EntryDraft($payload, $when, Entry::BY_ROUND, $round->machine, $part, $round, $step, $voids, $id);
    }
}
