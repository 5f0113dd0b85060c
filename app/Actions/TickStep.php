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
    public function __construct(private ClockInterface $clock, private WriteEntries $write, private KeepApart $keepApart)
    {
    }

    /**
     * A tick that is already there is left as it is.
     *
     * @throws CannotTick when the step or the answer is not the round's
     * @throws CannotDo   when the round has ended, the id is taken, or keep-apart refuses what the step pours
     */
    public function handle(Round $round, User $by, TickDraft $draft): void
    {
        DB::transaction(function () use ($round, $by, $draft): void {
            $there = Tick::query()->find($draft->id);
            if (null !== $there) {
                if ($there->round_id !== $round->id || $there->step !== $draft->step) {
                    throw CannotDo::idTaken();
                }

                return;
            }
            $round->refresh();
            if (null !== $round->ended_at) {
                throw CannotDo::roundEnded();
            }
            $progress = $round->progress();
            $step = $progress->admit($draft->step, $draft->answer);
            $answer = null === $step->capture ? null : $draft->answer;
            $this->keepNote($round, $by, $draft->id, $step, $draft->note);
            $before = $progress->tick($step);
            $same = null !== $before && [$before->answer, $before->overruled, $before->share, $before->strength] === [$answer, $draft->overruled, $draft->share, $draft->strength];
            if ($same && $progress->isDone($step)) {
                return; // looked at again and left as it was: no wait starts anew
            }
            if ($draft->share > 0 && !$draft->happened && (null === $before || $before->share <= 0)) {
                $this->keepApart->allow($round, $step, $by->home());
            }
            $tick = $round->ticks()->create([
                'id' => $draft->id,
                'step' => $draft->step,
                'answer' => $answer,
                'overruled' => $draft->overruled,
                'share' => $draft->share,
                'strength' => $draft->strength,
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
        $said = (new Scribe($round->handbook()))->write($step, $tick->toCore(), $round->progress());
        [$drafts, $openedAt] = $this->takeBack($round, $step, $said);
        foreach ($said as $payload) {
            $when = $payload instanceof Opening ? $openedAt[$payload->task] ?? $this->clock->now() : $this->clock->now();
            $drafts[] = $this->draft($round, $step->part, $step->id, $payload, $when);
        }
        $this->write->handle($by->home(), $by, $drafts);
    }

    /**
     * What this step, done before, or an earlier opening of the same part said, is corrected: a round tells of
     * one opening of a part, which happened when it was first looked at.
     *
     * @param list<Payload> $said
     *
     * @return array{list<EntryDraft>, array<string, \DateTimeImmutable>} and when each care task was first opened
     */
    private function takeBack(Round $round, Step $step, array $said): array
    {
        $opened = array_map(static fn (Payload $payload): ?string => $payload instanceof Opening ? $payload->task : null, $said);
        $earlier = $round->entries()->where('kind', '!=', EntryKind::Voiding)
            ->where(fn ($query) => $query->where('step', $step->id)->where('kind', '!=', EntryKind::Opening)->orWhere('kind', EntryKind::Opening))
            ->get();
        $voided = Entry::voidedAmong(array_values($earlier->pluck('id')->all()));
        $drafts = $openedAt = [];
        foreach ($earlier->reject(fn (Entry $entry): bool => isset($voided[$entry->id])) as $entry) {
            $says = $entry->says();
            if ($says instanceof Opening && !in_array($says->task, $opened, true)) {
                continue;
            }
            $drafts[] = $this->draft($round, $entry->part, $step->id, new Voiding(Voiding::CORRECTION), $this->clock->now(), $entry->id);
            if ($says instanceof Opening) {
                $openedAt[$says->task] = $entry->happened_at->toDateTimeImmutable();
            }
        }

        return [$drafts, $openedAt];
    }

    private function draft(Round $round, ?string $part, ?string $step, Payload $payload, \DateTimeImmutable $when, ?string $voids = null, ?string $id = null): EntryDraft
    {
        return new EntryDraft($payload, $when, Entry::BY_ROUND, $round->machine, $part, $round, $step, $voids, $id);
    }
}
