<?php

declare(strict_types=1);

namespace App\View\Pages\Today;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\Readers\OpenRounds;
use App\Care\Readers\OpenTraces;
use App\Care\Sessions\SessionPlanner;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\Trace;
use App\View\Drawing\WeeksStrip;
use App\View\Pages\Parts\PartNeedLines;
use App\View\Pages\Rounds\RoundPage;
use App\View\Pages\Traces\WaitWords;
use App\View\Pages\Vessels\VesselNotice;
use App\View\Pages\Vessels\VesselNotices;
use App\View\Words\ReasonWords;
use App\View\Words\ShortageWords;
use App\View\Words\StartWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\SymptomRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\OpenEnds;
use Illuminate\Support\Collection;
use Psr\Clock\ClockInterface;

/** What Today shows. */
final readonly class TodayPage
{
    /** Lines shown below the first. */
    private const OTHERS = 4;

    public function __construct(
        private CareReader $care,
        private ClockInterface $clock,
        private Handbook $handbook,
        private ReasonWords $words,
        private VesselNotices $keepApart,
        private OpenRounds $apart,
        private RoundPage $round,
        private OpenTraces $traces,
        private StartWords $starts,
        private PartNeedLines $needs,
        private WaitWords $waits,
        private SessionPlanner $planner,
        private ShortageWords $shortages,
    ) {
    }

    public function for(Household $household): TodayData
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $machines = $this->care->household($household);
        $tasks = CareReader::byUrgency($machines);
        $byId = MachineCare::machines($machines);
        $rounds = $this->apart->rounds($household, $byId);
        $notices = $this->keepApart->for($household, $machines);
        $line = fn (TaskCare $care): TaskLine => new TaskLine($care, $today, $this->words);
        $batches = $this->batches($machines, $tasks, $line);
        $inBatches = array_merge(...array_map(static fn (BatchLine $batch): array => $batch->tasks(), $batches));
        $waiting = array_values(array_filter($tasks, static fn (TaskCare $care): bool => !$care->isPutOff($today)));
        $next = $waiting[0] ?? $tasks[0] ?? null;
        $first = $batches[0]->lines[0] ?? (null === $next ? null : $line($next));
        $soon = array_values(array_filter($waiting, static fn (TaskCare $care): bool => $care->isDueOrSoon()
            && $care !== $first?->care
            && !in_array($care, $inBatches, true)));
        $hands = array_sum(array_map(static fn (BatchLine $batch): float => $batch->estimate->hands->value, $batches));
        $proposed = count($batches) > 1 ? $this->planner->today($machines, $household)->fitted->schedule : null;

        [$traces, $held] = $this->traces->of($household, $byId);
        $asking = $this->handbook->asking();
        $zone = $household->zone();

        return new TodayData(
            traces: $traces,
            held: $held,
            traceNames: $this->traceNames([...$traces, ...$held]),
            traceWaits: $this->traceWaits($traces, $household, $today),
            household: $household,
            shared: $household->memberships()->count() > 1,
            today: $today,
            now: $now,
            machines: array_values(array_filter($machines, static fn (MachineCare $care): bool => $care->isCounted())),
            first: $first,
            start: true === $first?->care->neverOpened()
                ? $this->starts->sentence($first->care->start(), $first->care->task(), $first->care->machine, $first->care->kind)
                : null,
            batches: $batches,
            jobs: count($inBatches),
            hands: (int) ceil([] === $batches ? ($first?->care->estimate()->hands->value ?? 0) : $hands),
            others: array_map($line, array_slice($soon, 0, self::OTHERS)),
            more: max(0, count($soon) - self::OTHERS),
            putOff: array_map($line, array_values(array_filter($tasks, static fn (TaskCare $care): bool => $care->isPutOff($today)))),
            asked: $this->asked($tasks),
            uncounted: array_values(
                array_filter($machines, static fn (MachineCare $care): bool => $care->wantsCount($asking, $today, $zone)),
            ),
            waterAsks: null === $household->hardness ? $this->guessedByWater($machines) : null,
            pourInto: $this->keepApart->pourInto($machines, $household),
            needs: $this->needs->for($household, array_map(static fn (MachineCare $care): Machine => $care->machine, $machines)),
            short: $this->shortages->sentences($household, $machines, $today),
            dangers: array_values(array_filter($notices, static fn (VesselNotice $notice): bool => [] !== $notice->met)),
            vessels: array_values(array_filter($notices, static fn (VesselNotice $notice): bool => [] === $notice->met)),
            seconds: null === $proposed ? ($batches[0]->estimate->all ?? null)?->seconds() ?? 0 : self::seconds($proposed->finish),
            handsFree: null === $proposed ? null : self::seconds($proposed->handsFree),
            running: $running = $rounds->first(static fn (Round $round): bool => null === $round->ended_at && $round->isReadable()),
            session: $rounds->whereNull('ended_at')->whereNotNull('care_session_id')->first()?->care_session_id,
            inSession: self::inSession($rounds),
            unreadable: $rounds->filter(static fn (Round $round): bool => null === $round->ended_at && !$round->isReadable()),
            paused: $rounds->filter(
                static fn (Round $round): bool => null === $round->ended_at && $round !== $running && $round->isReadable(),
            ),
            progress: $progress = $running?->progress(),
            tray: null === $running || null === $progress ? [] : $this->round->tray($running, $progress),
            openEnds: null === $progress ? [] : (new OpenEnds($progress))->now(),
            left: $rounds->filter(static fn (Round $round): bool => null !== $round->ended_at && $round->isReadable()),
            strip: WeeksStrip::of($tasks, $today),
            handbook: $this->handbook,
        );
    }

    /**
     * @param Collection<int, Round> $rounds
     *
     * @return list<string> machines on which rounds of a session go on
     */
    private static function inSession(Collection $rounds): array
    {
        $in = $rounds->whereNull('ended_at')->whereNotNull('care_session_id');

        return array_values($in->map(static fn (Round $round): string => $round->machine->name)->all());
    }

    /**
     * @param list<Trace> $traces
     *
     * @return array<string, string> what was noticed, by trace
     */
    private function traceNames(array $traces): array
    {
        $names = [];
        foreach ($traces as $trace) {
            $first = $trace->noticed()[0] ?? '';
            $names[$trace->id] = $this->handbook->trouble($trace->machine->kind)->symptoms[$first]->name ?? $first;
        }

        return $names;
    }

    /**
     * @param list<Trace> $traces
     *
     * @return array<string, list<string>> which new parts they wait for, by trace
     */
    private function traceWaits(array $traces, Household $household, Day $today): array
    {
        $waits = [];
        foreach ($traces as $trace) {
            $waits[$trace->id] = $this->waits->of($trace, $household, $today);
        }

        return $waits;
    }

    /**
     * The machine whose rhythm waits for the hardness of the water; asked of the school, so that nothing is unpacked.
     *
     * @param list<MachineCare> $machines
     */
    private function guessedByWater(array $machines): ?string
    {
        foreach ($machines as $care) {
            $schools = $care->machine->schools;
            foreach (array_keys($care->tasks) as $task) {
                if ($care->kind->task($task)->school($schools[$task] ?? null, $care->machine->habits)->followsWater()) {
                    return $care->machine->name;
                }
            }
        }

        return null;
    }

    /**
     * What is proposed for today, a machine at a time, the most urgent first.
     *
     * @param list<MachineCare> $machines
     * @param list<TaskCare> $tasks the most urgent first
     * @param \Closure(TaskCare): TaskLine $line
     *
     * @return list<BatchLine>
     */
    private function batches(array $machines, array $tasks, \Closure $line): array
    {
        $batches = [];
        foreach ($machines as $care) {
            if (null !== $care->batch) {
                $batches[] = new BatchLine($care, $care->batch, $line);
            }
        }
        usort(
            $batches,
            static fn (BatchLine $a, BatchLine $b): int => array_search($a->lines[0]->care, $tasks, true)
                <=> array_search($b->lines[0]->care, $tasks, true),
        );

        return $batches;
    }

    private static function seconds(float $minutes): int
    {
        return (int) ceil($minutes * 60);
    }

    /**
     * Symptoms whose job has been done since: did they come from it?
     *
     * @param list<TaskCare> $tasks
     *
     * @return list<array{SymptomRecord, TaskCare, string}> with the symptom's name
     */
    private function asked(array $tasks): array
    {
        $asked = [];
        foreach ($tasks as $care) {
            foreach ($care->kept->hasSymptoms ? $care->history()->symptoms : [] as $symptom) {
                if ($symptom->opened) {
                    $asked[] = [
                        $symptom,
                        $care,
                        $this->handbook->trouble($care->kind->id)->symptoms[$symptom->symptom]->name ?? $symptom->symptom,
                    ];
                }
            }
        }

        return $asked;
    }
}
