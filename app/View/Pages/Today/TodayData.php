<?php

declare(strict_types=1);

namespace App\View\Pages\Today;

use App\Care\MachineCare;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\Trace;
use App\View\Drawing\WeeksStrip;
use App\View\PageData;
use App\View\Pages\Parts\PartNeedLine;
use App\View\Pages\Rounds\TrayPiece;
use App\View\Pages\Vessels\PourPlace;
use App\View\Pages\Vessels\VesselNotice;
use App\View\Words\Dates;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\SymptomRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\Progress;
use Illuminate\Support\Collection;

/** What TodayPage::for() hands to its view. */
final readonly class TodayData extends PageData
{
    /** Machines that can be counted at the top of a phone. */
    private const QUICK = 6;

    /**
     * @param list<Trace> $traces
     * @param list<Trace> $held
     * @param array<string, string> $traceNames
     * @param array<string, list<string>> $traceWaits which new parts they wait for
     * @param bool $shared whether more than one person belongs to it
     * @param list<MachineCare> $machines
     * @param list<BatchLine> $batches
     * @param list<TaskLine> $others
     * @param list<TaskLine> $putOff
     * @param list<array{SymptomRecord, TaskCare, string}> $asked
     * @param list<MachineCare> $uncounted
     * @param list<PourPlace> $pourInto
     * @param list<PartNeedLine> $needs parts that wait for a new one
     * @param list<string> $short what is missing for jobs of the next days
     * @param list<VesselNotice> $dangers
     * @param list<VesselNotice> $vessels
     * @param int $seconds from now until all that is proposed is done
     * @param int|null $handsFree seconds until nobody is needed any more; null for a single round
     * @param string|null $session id of the session that goes on
     * @param list<string> $inSession machines on which it does
     * @param Collection<int, Round> $unreadable
     * @param Collection<int, Round> $paused
     * @param list<TrayPiece> $tray
     * @param list<OpenEnd> $openEnds
     * @param Collection<int, Round> $left
     */
    public function __construct(
        public array $traces,
        public array $held,
        public array $traceNames,
        public array $traceWaits,
        public Household $household,
        public bool $shared,
        public Day $today,
        public \DateTimeImmutable $now,
        public array $machines,
        public ?TaskLine $first,
        public ?string $start,
        public array $batches,
        public int $jobs,
        public int $hands,
        public array $others,
        public int $more,
        public array $putOff,
        public array $asked,
        public array $uncounted,
        public ?string $waterAsks,
        public array $pourInto,
        public array $needs,
        public array $short,
        public array $dangers,
        public array $vessels,
        public int $seconds,
        public ?int $handsFree,
        public ?Round $running,
        public ?string $session,
        public array $inSession,
        public Collection $unreadable,
        public Collection $paused,
        public ?Progress $progress,
        public array $tray,
        public array $openEnds,
        public Collection $left,
        public WeeksStrip $strip,
        public Handbook $handbook,
    ) {
    }

    /** What is best done first, with what goes along. */
    public function batch(): ?BatchLine
    {
        return $this->batches[0] ?? null;
    }

    /** @return list<MachineCare> those that are used most, for one more of each within reach of a thumb */
    public function mostUsed(): array
    {
        $machines = $this->machines;
        usort($machines, static fn (MachineCare $a, MachineCare $b): int => $b->history->rate <=> $a->history->rate);

        return array_slice($machines, 0, self::QUICK);
    }

    /** How much a machine was used lately: "5 in the last 7 days". */
    public function usage(MachineCare $care): string
    {
        $until = $care->awayUntil($this->today);

        return (string) match (true) {
            null !== $until => __('today.use.away', ['day' => Dates::short($until, $this->today)]),
            $care->isWeekKnown() => __('today.use.week', ['uses' => Uses::number($care->weekUses())]),
            default => __('today.use.rate', ['uses' => Uses::number($care->history->rate * 7)]),
        };
    }

    /** Whether it is a machine in which something can be wrong, and not the kitchen itself. */
    public function canFail(MachineCare $care): bool
    {
        return Machine::KITCHEN !== $care->machine->kind;
    }
}
