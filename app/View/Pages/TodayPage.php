<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Care\CareReader;
use App\Care\MachinesApart;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Round;
use App\View\Drawing\WeeksStrip;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What Today shows. */
final readonly class TodayPage
{
    /** Lines shown below the first. */
    private const OTHERS = 4;

    public function __construct(private CareReader $care, private ClockInterface $clock, private Handbook $handbook, private ReasonWords $words, private VesselNotices $keepApart, private MachinesApart $apart, private RoundPage $round)
    {
    }

    /** @return array<string, mixed> */
    public function for(Household $household): array
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $machines = $this->care->household($household);
        $tasks = CareReader::byUrgency($machines);
        $rounds = $this->apart->rounds($household);
        $notices = $this->keepApart->for($household, $machines);
        $line = fn (TaskCare $care): TaskLine => new TaskLine($care, $today, $this->words);
        $first = isset($tasks[0]) ? $line($tasks[0]) : null;
        $soon = array_values(array_filter(array_slice($tasks, 1), static fn (TaskCare $care): bool => $care->isDueOrSoon()));
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
            'together' => null === $first ? [] : $this->together($first->care, $tasks),
            'estimate' => $estimate,
            'doneAt' => null === $estimate ? null : $now->modify(sprintf('+%d seconds', $estimate->all->seconds())),
            'running' => $running = $rounds->first(static fn (Round $round): bool => null === $round->ended_at),
            'paused' => $rounds->filter(static fn (Round $round): bool => null === $round->ended_at && $round !== $running),
            'progress' => $progress = $running?->progress(),
            'tray' => null === $running || null === $progress ? [] : $this->round->tray($running, $progress),
            'left' => $rounds->filter(static fn (Round $round): bool => null !== $round->ended_at),
            'strip' => WeeksStrip::of($tasks, $today),
            'handbook' => $this->handbook,
        ];
    }

    /**
     * What is due on the same machine as the first and can be done in one go with it; nothing when that is all.
     *
     * @param list<TaskCare> $tasks
     *
     * @return array<string, string> names of procedures by id
     */
    private function together(TaskCare $first, array $tasks): array
    {
        $together = [];
        foreach ($tasks as $care) {
            $procedure = $care->fullest();
            if ($care->machine->id === $first->machine->id && $care->isDue() && !$care->kind->standsAlone($procedure)) {
                $together[$procedure] = $care->procedures()[$procedure];
            }
        }

        return count($together) > 1 && isset($together[$first->fullest()]) ? $together : [];
    }
}
