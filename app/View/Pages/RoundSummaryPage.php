<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Care\CareReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Round;
use App\View\Words\EntryWords;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\Opening;
use GoodRinse\Core\Quantity\Day;
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
        $entries = $round->entries()->where('kind', '!=', EntryKind::Voiding)->orderBy('seq')->get();
        $voided = Entry::voidedAmong(array_values($entries->pluck('id')->all()));
        $inForce = $entries->reject(static fn (Entry $entry): bool => isset($voided[$entry->id]))->values();
        $opening = $inForce->last(static fn (Entry $entry): bool => EntryKind::Opening === $entry->kind);
        $today = Day::at($this->clock->now(), $household->zone());
        $care = $this->care->machine($round->machine, $household)->tasks[$round->task];
        $says = $opening?->says();

        return [
            'household' => $household,
            'round' => $round,
            'machine' => $round->machine,
            'handbook' => $round->handbook(),
            'procedure' => $round->fittedProcedure(),
            'line' => new TaskLine($care, $today, $this->words),
            'learned' => null === $opening || $care->history->last()?->entry !== $opening->id ? null : $this->words->learnedFrom($care->rhythm),
            'opening' => $opening,
            'says' => $says instanceof Opening ? $says : null,
            'lines' => $inForce->sortBy(['happened_at', 'seq'])->values()->map(fn (Entry $entry): array => [$entry, $this->entryWords->say($entry->says(), $round->machine, $entry->part, $household->measures)])->all(),
            'photos' => $round->photos()->orderBy('taken_at')->get(),
            'today' => $today,
        ];
    }
}
