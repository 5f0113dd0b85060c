<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\Readers\CareReader;
use App\Care\Readers\ClosingOffers;
use App\Care\Readers\OpenCards;
use App\Care\Words\OpenEndWords;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Round;
use App\View\Pages\Today\TaskLine;
use App\View\Words\Dates;
use App\View\Words\EntryWords;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\OpenEnd;
use Illuminate\Support\Collection;
use Psr\Clock\ClockInterface;

/** What an ended round shows: what was found, what follows from it, and what was written down. */
final readonly class RoundSummaryPage
{
    public function __construct(
        private CareReader $care,
        private ClockInterface $clock,
        private ReasonWords $words,
        private EntryWords $entryWords,
        private ClosingOffers $offers,
        private Handbook $handbook,
        private OpenCards $cards,
    ) {
    }

    public function for(Round $round, Household $household): RoundSummaryData
    {
        $inForce = $this->inForce($round);
        $today = Day::at($this->clock->now(), $household->zone());
        $opened = $this->opened($round, $household, $inForce);

        return new RoundSummaryData(
            household: $household,
            round: $round,
            machine: $round->machine,
            handbook: $this->handbook,
            title: "{$round->fittedProcedure()->name}, {$round->machine->name}",
            about: self::about($round, $household),
            headline: trim(
                __(Round::STOPPED === $round->ended_how ? 'rounds.stopped_headline' : 'rounds.done_headline')
                    .' '
                    .self::next($opened, $today),
            ),
            openEnds: [] === $round->leftOpen() ? null : OpenEndWords::list($round, $round->leftOpen()),
            settled: null !== $round->settled_at,
            opened: $opened,
            lights: self::lights($opened, $this->care->machine($round->machine, $household)->history->lights),
            offers: Round::FINISHED === $round->ended_how ? $this->offers->of($round, $household) : [],
            failed: null === $round->settled_at && [] !== array_filter(
                $round->leftOpen(),
                static fn (OpenEnd $end): bool => OpenEnd::FAILED === $end->kind,
            ),
            lines: $this->lines($inForce, $round, $household),
            photos: $round->photos()->orderBy('taken_at')->get(),
            today: $today,
            backTo: $this->backTo($round),
        );
    }

    /** Address of the card that the round was done for. */
    private function backTo(Round $round): ?string
    {
        $waiting = $this->cards->afterRound($round);

        return null === $waiting ? null : route('traces.show', array_filter([$waiting['trace'], 'card' => $waiting['card']]));
    }

    /**
     * Of a round whose steps this version cannot read.
     */
    public function unreadable(Round $round, Household $household): UnreadableRoundData
    {
        return new UnreadableRoundData(
            household: $household,
            round: $round,
            machine: $round->machine,
            lines: $this->lines($this->inForce($round), $round, $household),
        );
    }

    /**
     * @param Collection<int, Entry> $inForce
     *
     * @return list<array{string, string}> words and hour
     */
    private function lines(Collection $inForce, Round $round, Household $household): array
    {
        return array_values($inForce->sortBy(['happened_at', 'seq'])->map(fn (Entry $entry): array => [
            $this->entryWords->describe($entry->decode(), $round->machine, $entry->part, $household->measures),
            Dates::time($entry->happened_at, $household->zone()),
        ])->all());
    }

    private static function about(Round $round, Household $household): string
    {
        $ended = $round->ended_at ?? $round->started_at;
        $zone = $household->zone();
        $hours = Dates::time($round->started_at, $zone).'–'.Dates::time($ended, $zone);
        $day = Dates::weekday(Day::at($ended, $zone));

        return "{$round->fittedProcedure()->name} · {$round->machine->name} · $day, $hours";
    }

    /**
     * The task of the round that comes first again.
     *
     * @param list<OpenedTask> $opened the earliest first
     *
     * @return string a sentence; empty when none does
     */
    private static function next(array $opened, Day $today): string
    {
        foreach ($opened as $each) {
            $due = $each->line->care->rhythm()->dueOn;
            if (null !== $due) {
                return $each->line->care->name().': '.($each->line->isDue()
                    ? (string) __('rounds.still', ['when' => $each->line->when()])
                    : (string) __('rounds.next_on', ['day' => Dates::longWeekday($due, $today)])).'.';
            }
        }

        return '';
    }

    /**
     * Lights that still ask for what the round has done.
     *
     * @param list<OpenedTask> $opened
     * @param array<string, Day> $on lights that are on
     *
     * @return list<array{string, string}> light and name of the task
     */
    private static function lights(array $opened, array $on): array
    {
        $lights = [];
        foreach ($opened as $each) {
            $care = $each->line->care;
            if (null !== $care->task()->light && isset($on[$care->task()->light])) {
                $lights[] = [$care->task()->light, $care->name()];
            }
        }

        return $lights;
    }

    /** @return Collection<int, Entry> what the round wrote and nobody has taken back, in that order */
    public function inForce(Round $round): Collection
    {
        return Entry::inForce($round->entries()->where('kind', '!=', EntryKind::Reversal)->orderBy('seq')->get());
    }

    /**
     * The care tasks that the round did something for, the one that is due first before the others.
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
            $payload = $entry->decode();
            $care = $payload instanceof Opening ? $tasks[$payload->task] ?? null : null;
            if ($payload instanceof Opening && null !== $care) {
                $isLast = $care->history()->last()?->entry === $entry->id;
                $scale = $this->handbook->scales()->scale($care->scale());
                $opened[$payload->task] = new OpenedTask(
                    new TaskLine($care, $today, $this->words),
                    $entry,
                    $isLast ? $this->words->learnedFrom($care->rhythm(), $care->scale()) : null,
                    null === $payload->found ? null : $scale->nearest($payload->found),
                    $scale->nearest($payload->left),
                );
            }
        }

        $opened = array_values($opened);
        usort($opened, static fn (OpenedTask $a, OpenedTask $b): int => ($a->line->care->rhythm()->dueOn->number ?? PHP_INT_MAX) <=> (
            $b->line->care->rhythm()->dueOn->number ?? PHP_INT_MAX
        ));

        return $opened;
    }
}
