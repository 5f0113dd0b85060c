<?php

declare(strict_types=1);

namespace App\Actions\Traces;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Care\Readers\TraceReader;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\Trace;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Symptom;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Writes down what was noticed, and begins to look for what it comes from when that is wanted. */
final readonly class BeginTrace
{
    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private WriteEntries $write,
        private TraceReader $reader,
        private EndTrace $end,
    ) {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param bool $look whether to look for what it comes from
     *
     * @return Trace|null the gravest, where several faults explain what was noticed; null when it is only written down
     *
     * @throws ActionRefused when that day lies in the future
     * @throws UnknownEntry for a symptom or task the kind does not have
     */
    public function handle(Machine $machine, User $by, string $id, SymptomReport $report, bool $look): ?Trace
    {
        $trouble = $this->handbook->trouble($machine->kind);
        $part = null === $report->task ? null : $machine->kindIn($this->handbook)->task($report->task)->part;
        $now = $this->clock->now();
        $today = Day::at($now, $by->home()->zone());
        if ($report->since->isAfter($today)) {
            throw ActionRefused::inTheFuture();
        }
        $at = DayOrder::moment($report->since, $now, $by->home()->zone());
        $noted = $drafts = [];
        foreach ($report->symptoms as $symptom) {
            $known = $trouble->symptoms[$symptom] ?? throw UnknownEntry::named("symptom of a $machine->kind", $symptom);
            $entry = DerivedUlid::of($id, $symptom);
            $noted[] = ['symptom' => $symptom, 'entry' => $entry];
            $drafts[] = new EntryDraft(
                new Symptom($symptom, $report->task, $known->where ? $report->where : null, $report->badly),
                $at,
                Entry::BY_HAND,
                $machine,
                $part,
                id: $entry,
            );
        }

        return DB::transaction(function () use ($machine, $by, $id, $report, $noted, $drafts, $look, $now): ?Trace {
            $this->write->handle($by->home(), $by, $drafts);
            if (!$look) {
                return null;
            }
            $there = Trace::query()->find($id);
            if (null !== $there) {
                return $there->household_id === $machine->household_id ? $there : throw ActionRefused::idTaken();
            }
            $again = $this->back($machine, $by, array_column($noted, 'symptom'));
            $traces = [];
            foreach ($this->reader->groups($machine, $by->home(), array_column($noted, 'symptom')) as $place => $group) {
                $mine = array_values(array_filter($noted, static fn (array $each): bool => in_array($each['symptom'], $group, true)));
                $there = array_values(
                    array_filter($again, static fn (Trace $trace): bool => [] !== array_intersect($trace->noticed(), $group)),
                )[0] ?? null;
                $traces[] = null === $there
                    ? $this->open(0 === $place ? $id : DerivedUlid::of($id, "trace $place"), $machine, $mine, $report->display, $now)
                    : self::noticedToo($there, $mine, $report->display);
            }

            return $traces[0] ?? null;
        });
    }

    /** @param list<array{symptom: string, entry: string}> $noted */
    private function open(string $id, Machine $machine, array $noted, ?string $display, \DateTimeImmutable $now): Trace
    {
        $trace = new Trace([
            'household_id' => $machine->household_id,
            'machine_id' => $machine->id,
            'symptoms' => $noted,
            'steps' => [],
            'display' => $display,
            'begun_at' => $now,
        ]);
        $trace->id = $id;
        $trace->save();

        return $trace;
    }

    /** @param list<array{symptom: string, entry: string}> $noted what was noticed now */
    private static function noticedToo(Trace $trace, array $noted, ?string $display): Trace
    {
        $new = array_filter($noted, static fn (array $each): bool => !in_array($each['symptom'], $trace->noticed(), true));
        $trace->update(['symptoms' => [...$trace->symptoms, ...array_values($new)], 'display' => $display ?? $trace->display]);

        return $trace;
    }

    /**
     * Traces of the same that go on: those that are open, and what was fixed a short while ago and is noticed again. That did not
     * hold, and is one of the things that were tried.
     *
     * @param list<string> $noticed
     *
     * @return list<Trace> that go on
     */
    private function back(Machine $machine, User $by, array $noticed): array
    {
        $since = $this->clock->now()->modify(sprintf('-%d days', $this->handbook->asking()->reopenDays));
        $fixed = Trace::query()->where('machine_id', $machine->id)
            ->where('ended_how', Trace::FIXED)
            ->whereNull('held')
            ->where('ended_at', '>=', $since->format('Y-m-d H:i:s'))
            ->get()
            ->filter(static fn (Trace $trace): bool => [] !== array_intersect($trace->noticed(), $noticed));
        foreach ($fixed as $trace) {
            $this->end->held($trace, $by, false);
        }

        return array_values(Trace::query()->where('machine_id', $machine->id)->whereNull('ended_at')->orderBy('id')->get()->all());
    }
}
