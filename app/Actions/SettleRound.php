<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\Round;
use App\Models\User;
use App\Support\OpenEndWords;
use GoodRinse\Core\Logbook\Note;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\Progress;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Writes down that what an ended round left open has been put right. */
final readonly class SettleRound
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    /** Doing it twice changes nothing. */
    public function handle(Round $round, User $by): void
    {
        DB::transaction(function () use ($round, $by): void {
            $round->refresh();
            if (null === $round->ended_at || null !== $round->settled_at || [] === $round->leftOpen()) {
                return;
            }
            $round->update(['settled_at' => $this->clock->now()]);
            $this->write->handle($by->home(), $by, [new EntryDraft(
                new Note((string) __('rounds.put_right', ['what' => OpenEndWords::list($round, $round->leftOpen())])),
                $this->clock->now(),
                Entry::BY_ROUND,
                $round->machine,
                round: $round,
            )]);
        });
    }

    /** Settles what earlier rounds on the machine left open, as far as this one has put it right. */
    public function through(Round $round, User $by): void
    {
        $progress = $round->progress();
        $earlier = Round::query()->with('machine')->where('machine_id', $round->machine_id)->whereKeyNot($round->id)->whereNotNull('ended_at')->whereNull('settled_at')->get();
        foreach ($earlier as $other) {
            $open = array_filter($other->leftOpen(), fn (OpenEnd $end): bool => !$this->isPutRight($progress, $end));
            if ([] === $open) {
                $this->handle($other, $by);
            }
        }
    }

    private function isPutRight(Progress $progress, OpenEnd $end): bool
    {
        foreach ($progress->steps() as $step) {
            $did = $progress->isDone($step) && !$progress->isSkipped($step) && true !== $progress->tick($step)?->overruled;
            $about = in_array($end->kind, [OpenEnd::PART_OFF, OpenEnd::LEFT_OVER], true) ? $step->putsBack : $step->capture?->check;
            if ($did && $about === $end->what) {
                return true;
            }
        }

        return false;
    }
}
