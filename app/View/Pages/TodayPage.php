<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Care\CareReader;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Round;
use App\View\Drawing\WeeksStrip;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\State;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** What Today shows. */
final readonly class TodayPage
{
    /** Lines shown below the first. */
    private const OTHERS = 4;

    public function __construct(private CareReader $care, private ClockInterface $clock, private Handbook $handbook, private ReasonWords $words, private VesselNotices $keepApart)
    {
    }

    /** @return array<string, mixed> */
    public function for(Household $household): array
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $machines = $this->care->household($household);
        $tasks = CareReader::byUrgency($machines);
        $rounds = $this->rounds($household);
        $notices = $this->keepApart->for($household, $machines);
        $line = fn (TaskCare $care): TaskLine => new TaskLine($care, $today, $this->words);
        $first = isset($tasks[0]) ? $line($tasks[0]) : null;
        $soon = array_values(array_filter(array_slice($tasks, 1), static fn (TaskCare $care): bool => $care->isDue() || State::Soon === $care->rhythm->state));
        $estimate = $first?->care->estimate;

        return [
            'household' => $household,
            'today' => $today,
            'now' => $now,
            'machines' => $machines,
            'first' => $first,
            'due' => count(array_filter($tasks, static fn (TaskCare $care): bool => $care->isDue())),
            'others' => array_map($line, array_slice($soon, 0, self::OTHERS)),
            'more' => max(0, count($soon) - self::OTHERS),
            'pourInto' => $this->keepApart->pourInto($machines),
            'dangers' => array_values(array_filter($notices, static fn (VesselNotice $notice): bool => [] !== $notice->met)),
            'vessels' => array_values(array_filter($notices, static fn (VesselNotice $notice): bool => [] === $notice->met)),
            'estimate' => $estimate,
            'doneAt' => null === $estimate ? null : $now->modify(sprintf('+%d seconds', $estimate->all->seconds())),
            'running' => $rounds->first(static fn (Round $round): bool => null === $round->ended_at),
            'left' => $rounds->filter(static fn (Round $round): bool => null !== $round->ended_at),
            'strip' => WeeksStrip::of($tasks, $today),
            'handbook' => $this->handbook,
        ];
    }

    /** @return Collection<int, Round> those under way, and of each machine the latest ended one where it left something open */
    private function rounds(Household $household): Collection
    {
        return $household->rounds()->with('machine')->where(static fn (Builder $open) => $open->whereNull('ended_at')->orWhere(
            static fn (Builder $ended) => $ended->where('open_ends', '!=', '[]')->whereNotExists(
                static fn ($later) => $later->from('rounds as later')->whereColumn('later.machine_id', 'rounds.machine_id')->whereColumn('later.ended_at', '>', 'rounds.ended_at'),
            ),
        ))->orderByDesc('started_at')->get();
    }
}
