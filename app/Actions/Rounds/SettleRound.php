<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Care\Readers\OpenRounds;
use App\Care\Words\OpenEndWords;
use App\Models\Entry;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\OpenEnds;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Writes down that what an ended round left open has been put right. */
final readonly class SettleRound
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write, private OpenRounds $apart)
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
        $ends = new OpenEnds($round->progress());
        foreach ($this->apart->leftOpen($round->machine, $round) as $other) {
            $open = array_filter($other->leftOpen(), static fn (OpenEnd $end): bool => !$ends->putsRight($end));
            if ([] === $open) {
                $this->handle($other, $by);
            }
        }
    }
}
