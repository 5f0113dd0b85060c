<?php

declare(strict_types=1);

namespace App\View\Pages\Rhythm;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\Readers\HistoryReader;
use App\Care\RhythmCalculator;
use App\Models\Household;
use App\View\Pages\Today\TaskLine;
use App\View\Words\ReasonWords;
use App\View\Words\StartWords;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\Cache\Repository;
use Psr\Clock\ClockInterface;

/** What the rhythm place shows: a year of every task of a machine. */
final readonly class RhythmPage
{
    /** Years that are drawn on one page. */
    private const AT_ONCE = 5;

    /** Goes up when what is kept changes its shape. */
    private const SHAPE = 2;

    public function __construct(
        private CareReader $care,
        private HistoryReader $histories,
        private RhythmCalculator $calculator,
        private ClockInterface $clock,
        private Handbook $handbook,
        private ReasonWords $words,
        private StartWords $starts,
        private Repository $cache,
    ) {
    }

    /**
     * @param string $table task whose openings are listed too
     * @param int $page of the tasks, so many at a time
     * @param string $wanted id of the machine to show; the one with the most urgent task when empty
     */
    public function for(Household $household, string $wanted, int $page = 1, string $table = ''): RhythmData
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $machines = $this->care->household($household);
        $urgent = CareReader::byUrgency($machines)[0]->machine->id ?? '';
        $shown = $this->choose($machines, $wanted) ?? $this->choose($machines, $urgent) ?? $machines[0] ?? null;

        return new RhythmData(
            household: $household,
            today: $today,
            machines: $machines,
            shown: $shown,
            years: null === $shown ? [] : $this->years($shown, $household, $now, $today, ($page - 1) * self::AT_ONCE),
            table: $table,
            page: $page,
            pages: null === $shown ? 1 : (int) ceil(count($shown->tasks) / self::AT_ONCE),
            before: ($page - 1) * self::AT_ONCE,
            count: null === $shown ? 0 : count($shown->tasks),
            resting: null === $shown ? [] : $this->resting($shown),
            handbook: $this->handbook,
        );
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

    /**
     * @param int $before tasks that are more urgent and not shown
     *
     * @return list<array{TaskLine, YearLine, string}> the most urgent first, each with how its first interval came
     *     about
     */
    private function years(MachineCare $care, Household $household, \DateTimeImmutable $now, Day $today, int $before): array
    {
        $key = sprintf('years.%d.%s', self::SHAPE, $care->machine->id);
        $kept = $this->cache->get($key);
        if (!is_array($kept) || $care->stamp !== ($kept['stamp'] ?? null)) {
            // each by itself: a page unpacks a few
            $kept = ['stamp' => $care->stamp, 'years' => array_map(serialize(...), $this->yearLines($care, $household, $now, $today))];
            $this->cache->forever($key, $kept);
        }
        $years = [];
        foreach (array_slice(CareReader::byUrgency([$care]), $before, self::AT_ONCE) as $task) {
            $year = is_string($packed = ((array) $kept['years'])[$task->id] ?? null) ? unserialize($packed) : null;
            if ($year instanceof YearLine) {
                $years[] = [
                    new TaskLine($task, $today, $this->words),
                    $year,
                    $this->starts->sentence($task->start(), $task->task(), $care->machine, $care->kind),
                ];
            }
        }

        return $years;
    }

    /** @return array<string, YearLine> by task */
    private function yearLines(MachineCare $care, Household $household, \DateTimeImmutable $now, Day $today): array
    {
        [$history] = $this->histories->read($care->machine, $household->zone(), $now);
        $years = [];
        foreach ($care->tasks as $id => $task) {
            $rhythm = $this->calculator->rhythm($care->machine, $household, $task->task(), $history, $today);
            if (null !== $rhythm) {
                $workings = $this->calculator->workings($rhythm, $history, $task->task(), $today);
                $years[$id] = YearLine::of(
                    $workings[(int) array_search($rhythm->deciding, $rhythm->clocks, true)],
                    $history->task($id)->openings,
                    $rhythm,
                    $today,
                );
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
