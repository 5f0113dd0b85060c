<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Care\Words\OpenEndWords;
use App\Models\Entry;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\OpenEnds;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Ends a round, finished or stopped half-way; what is then still apart or untested is kept and written down. */
final readonly class EndRound
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write, private SettleRound $settle)
    {
    }

    /**
     * Ending a round that has ended changes nothing.
     *
     * @param string $how Round::FINISHED or Round::STOPPED
     * @param bool $knows the person has said that they know what is left open
     *
     * @throws ActionRefused when steps are left to finish, or open ends were not acknowledged
     */
    public function handle(Round $round, User $by, string $how, bool $knows = false): void
    {
        DB::transaction(function () use ($round, $by, $how, $knows): void {
            $round->refresh();
            if (null !== $round->ended_at) {
                return;
            }
            $isReadable = $round->isReadable();
            $ends = $isReadable ? $this->ends($round, $how, $knows) : [];
            $round->update([
                'ended_at' => $this->clock->now(),
                'ended_how' => $how,
                'open_ends' => array_map(static fn (OpenEnd $end): array => ['kind' => $end->kind, 'what' => $end->what], $ends),
            ]);
            if ($isReadable) {
                $this->settle->through($round, $by);
            }
            if ([] !== $ends) {
                $this->write->handle($by->home(), $by, [new EntryDraft(
                    new Note(__('rounds.ended_open', ['what' => OpenEndWords::list($round, $ends)])),
                    $this->clock->now(),
                    Entry::BY_ROUND,
                    $round->machine,
                    round: $round,
                )]);
            }
        });
    }

    /**
     * @return list<OpenEnd> what is left open
     *
     * @throws ActionRefused when steps are left to finish, or open ends were not acknowledged
     */
    private function ends(Round $round, string $how, bool $knows): array
    {
        $progress = $round->progress();
        if (Round::FINISHED === $how && null !== $progress->current()) {
            throw ActionRefused::notAllDone();
        }
        $ends = (new OpenEnds($progress))->now();

        return [] === $ends || $knows ? $ends : throw ActionRefused::openEnds();
    }
}
