<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Care\CareReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Round;
use App\Models\Trace;
use App\View\Words\EntryWords;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\Opening;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Collection;
use Psr\Clock\ClockInterface;

/** What an ended round shows: what was found, what follows from it, and what was written down. */
final readonly class RoundSummaryPage
{
    public function __construct(private CareReader $care, private ClockInterface $clock, private ReasonWords $words, private EntryWords $entryWords)
    {
    }

    /** @return array<string, mixed> */
    public function for(Round $round, Household $household): array
    {
        $inForce = $this->inForce($round);
        $today = Day::at($this->clock->now(), $household->zone());
        $opened = $this->opened($round, $household, $inForce);

        return [
            'household' => $household,
            'round' => $round,
            'machine' => $round->machine,
            'handbook' => $round->handbook(),
            'procedure' => $round->fittedProcedure(),
            'opened' => $opened,
            'first' => $opened[0] ?? null,
            'lines' => $inForce->sortBy(['happened_at', 'seq'])->values()->map(fn (Entry $entry): array => [$entry, $this->entryWords->say($entry->says(), $round->machine, $entry->part, $household->measures)])->all(),
            'photos' => $round->photos()->orderBy('taken_at')->get(),
            'today' => $today,
            'trace' => Trace::query()->where('machine_id', $round->machine_id)->whereNull('ended_at')->where('begun_at', '<=', $round->started_at)->latest('id')->first(),
        ];
    }

    /** @return Collection<int, Entry> what the round wrote and nobody has taken back, in that order */
    public function inForce(Round $round): Collection
    {
        return Entry::inForce($round->entries()->where('kind', '!=', EntryKind::Voiding)->orderBy('seq')->get());
    }

    /**
     * The care tasks that the round did something for.
     *
     * @param Collection<int, Entry> $entries in force
     *
     * @return list<OpenedTask>
     */
    public function opened(Round $round, Household $household, Collection $entries): array
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $tasks = $this->care->machine($round->machine, $household)->tasks;
        $opened = [];
        foreach ($entries as $entry) {
            $says = $entry->says();
            $care = $says instanceof Opening ? $tasks[$says->task] ?? null : null;
            if ($says instanceof Opening && null !== $care) {
                $isLast = $care->history->last()?->entry === $entry->id;
                $opened[$says->task] = new OpenedTask(new TaskLine($care, $today, $this->words), $entry, $says, $isLast ? $this->words->learnedFrom($care->rhythm) : null);
            }
        }

        return array_values($opened);
    }
}
