<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Care\CareReader;
use App\Care\HistoryReader;
use App\Care\MachineCare;
use App\Care\Reckoning;
use App\Models\Household;
use App\View\Drawing\YearChart;
use App\View\Words\ReasonWords;
use App\View\Words\StartWords;
use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What the rhythm place shows: a year of every task of a machine. */
final readonly class RhythmPage
{
    public function __construct(private CareReader $care, private HistoryReader $histories, private Reckoning $reckoning, private ClockInterface $clock, private Handbook $handbook, private ReasonWords $words, private StartWords $starts)
    {
    }

    /**
     * @param string $wanted id of the machine to show; the one with the most urgent task when empty
     *
     * @return array<string, mixed>
     */
    public function for(Household $household, string $wanted): array
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $machines = $this->care->household($household);
        $urgent = CareReader::byUrgency($machines)[0]->machine->id ?? '';
        $shown = $this->choose($machines, $wanted) ?? $this->choose($machines, $urgent) ?? $machines[0] ?? null;

        return [
            'household' => $household,
            'today' => $today,
            'machines' => $machines,
            'shown' => $shown,
            'years' => null === $shown ? [] : $this->years($shown, $household, $now, $today),
            'resting' => null === $shown ? [] : $this->resting($shown),
            'handbook' => $this->handbook,
        ];
    }

    /** @param list<MachineCare> $machines */
    private function choose(array $machines, string $id): ?MachineCare
    {
        foreach ($machines as $care) {
            if ($care->machine->id === $id) {
                return $care;
            }
        }

        return null;
    }

    /** @return list<YearLine> the most urgent first */
    private function years(MachineCare $care, Household $household, \DateTimeImmutable $now, Day $today): array
    {
        [$history] = $this->histories->read($care->machine, $household->zone(), $now);
        $years = [];
        foreach (CareReader::byUrgency([$care]) as $task) {
            $rhythm = $this->reckoning->rhythm($care->machine, $household, $task->task, $history, $today);
            if (null !== $rhythm) {
                $openings = $history->task($task->task->id)->openings;
                $workings = $this->reckoning->workings($rhythm, $history, $task->task, $today);
                $deciding = $workings[(int) array_search($rhythm->deciding, $rhythm->clocks, true)];
                $years[] = new YearLine(new TaskLine($task, $today, $this->words), YearChart::of($openings, $deciding, $rhythm, $today), $deciding, $openings, $this->starts->sentence($task->start, $task->task, $care->machine, $care->kind));
            }
        }

        return $years;
    }

    /** @return list<CareTask> tasks of the machine that follow no clock */
    private function resting(MachineCare $care): array
    {
        return array_values(array_diff_key($care->kind->tasksFor($care->machine->traits), $care->tasks));
    }
}
