<?php

declare(strict_types=1);

namespace App\View\Exchange;

use App\Care\Measures\SeriesReader;
use App\Care\Readers\CareReader;
use App\Care\Readers\HistoryReader;
use App\Exchange\HouseholdWriter;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use App\Support\Csv;
use App\View\Calendar\CareFeed;
use App\View\Pages\Cupboard\CupboardTables;
use App\View\Words\EntryWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Everything of a household in one zip: for a program, for a table, for a calendar, and for reading without any program. */
final readonly class ExportArchive
{
    public function __construct(
        private HouseholdWriter $writer,
        private EntryWords $words,
        private CareReader $care,
        private CareFeed $feed,
        private HistoryReader $histories,
        private SeriesReader $series,
        private CupboardTables $cupboard,
        private Handbook $handbook,
        private ClockInterface $clock,
    ) {
    }

    /** @return string path of the zip; whoever asked for it takes it away */
    public function make(Household $household, User $by, ?Machine $machine = null): string
    {
        $folder = storage_path('framework/cache/export');
        is_dir($folder) || mkdir($folder, 0o700, true);
        $path = "$folder/".Str::ulid().'.zip';
        $json = "$path.json";
        $stream = fopen($json, 'w');
        \assert(false !== $stream);
        $this->writer->write($stream, $household, $by, $machine?->id);
        fclose($stream);

        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::CREATE);
        $zip->addFile($json, 'household.json');
        $lines = $this->lines($household, $machine);
        $zip->addFromString('csv/logbook.csv', Csv::write(['day', 'time', 'machine', 'what', 'by', 'kind'], $lines));
        $zip->addFromString('csv/uses.csv', Csv::write(['day', 'machine', 'unit', 'uses'], $this->uses($household, $machine)));
        $rhythms = $this->rhythms($household, $machine);
        $zip->addFromString('csv/rhythm.csv', Csv::write(['machine', 'task', 'due', 'unit', 'interval'], $rhythms));
        $measured = Csv::write(['time', 'machine', 'series', 'value', 'unit'], $this->measured($household, $machine));
        $zip->addFromString('csv/measures.csv', $measured);
        if (null === $machine) {
            $zip->addFromString('calendar.ics', $this->feed->of($household)[0]);
            foreach (CupboardTables::ALL as $table) {
                $zip->addFromString("csv/$table.csv", (string) $this->cupboard->csv($table, $household));
            }
        }
        $files = $this->files($household, $machine);
        foreach ($files as $file) {
            $from = config()->string('good-rinse.photos')."/$file";
            if (is_file($from)) {
                $zip->addFile($from, 'files/'.basename($file));
                $zip->setCompressionName('files/'.basename($file), \ZipArchive::CM_STORE);
            }
        }
        $zip->addFromString('index.html', view('export.index', [
            'household' => $household,
            'machine' => $machine,
            'machines' => $machine ? collect([$machine]) : $household->machines()->orderBy('name')->get(),
            'rhythms' => $rhythms,
            'lines' => $lines,
            'files' => array_map(basename(...), $files),
        ])->render());
        $zip->close();
        unlink($json);
        chmod($path, 0o600);

        return $path;
    }

    /** @return list<list<string>> the logbook in words, the newest first */
    private function lines(Household $household, ?Machine $machine): array
    {
        $machines = $household->machines()->get()->keyBy('id');
        $lines = [];
        $entries = $household->entries()->when(null !== $machine, static fn ($q) => $q->where('machine_id', $machine?->id))
            ->orderByDesc('happened_at')->orderByDesc('seq')->get();
        $names = $household->names($entries->map(static fn (Entry $entry): ?int => $entry->recorded_by)->all());
        foreach (Entry::inForce($entries) as $entry) {
            $of = $machines[$entry->machine_id ?? ''] ?? null;
            $lines[] = [
                (string) Day::at($entry->happened_at, $household->zone()),
                $entry->happened_at->setTimezone($household->zone())->format('H:i'),
                $of->name ?? '',
                $this->words->describe($entry->decode(), $of, $entry->part, $household->measures),
                is_string($name = $names[$entry->recorded_by ?? 0] ?? '') ? $name : '',
                $entry->kind->value,
            ];
        }

        return $lines;
    }

    /** @return list<list<string>> uses of each day that had any */
    private function uses(Household $household, ?Machine $machine): array
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $lines = [];
        foreach (null === $machine ? $household->machines()->orderBy('name')->get() : [$machine] as $each) {
            $first = $each->entries()->min('happened_at');
            $use = $this->histories->use($each, $household->zone(), $now);
            $unit = $each->kindIn($this->handbook)->useUnit;
            $day = is_string($first) ? Day::at(new \DateTimeImmutable("$first UTC"), $household->zone()) : $today;
            for (; !$day->isAfter($today); $day = $day->plus(1)) {
                $uses = $use->story($day->number)->uses();
                if ($uses > 0) {
                    $lines[] = [(string) $day, $each->name, $unit, (string) $uses];
                }
            }
        }

        return $lines;
    }

    /** @return list<list<string>> every figure that was measured, machine by machine */
    private function measured(Household $household, ?Machine $machine): array
    {
        $lines = [];
        foreach (null === $machine ? $household->machines()->orderBy('name')->get() : [$machine] as $each) {
            foreach ($this->series->all($each, $household, $this->clock->now()) as $series) {
                foreach ($series->points as $point) {
                    $at = $point->at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z');
                    $lines[] = [$at, $each->name, $series->id, (string) round($point->value, 4), $series->unit];
                }
            }
        }

        return $lines;
    }

    /** @return list<list<string>> each care task: when it is due, on which clock, and how long that lasts now */
    private function rhythms(Household $household, ?Machine $machine): array
    {
        $lines = [];
        foreach ($this->care->household($household) as $care) {
            foreach (null !== $machine && $care->machine->id !== $machine->id ? [] : $care->tasks as $task) {
                $lines[] = [
                    $care->machine->name,
                    $task->name(),
                    null === $task->rhythm()->dueOn ? '' : (string) $task->rhythm()->dueOn,
                    $task->rhythm()->deciding->clock->unit,
                    (string) $task->rhythm()->deciding->learned->interval,
                ];
            }
        }

        return $lines;
    }

    /** @return list<string> */
    private function files(Household $household, ?Machine $machine): array
    {
        $photos = DB::table('photos')->where('household_id', $household->id)->orderBy('taken_at');
        $papers = DB::table('documents')->where('household_id', $household->id)->orderBy('added_at');
        if (null !== $machine) {
            $of = static fn (string $table): Builder => DB::table($table)->select('id')->where('machine_id', $machine->id);
            $photos->where(static fn (Builder $q): Builder => $q->where('machine_id', $machine->id)
                ->orWhereIn('round_id', $of('rounds'))
                ->orWhereIn('trace_id', $of('traces')));
            $papers->where('machine_id', $machine->id);
        }

        return array_values(array_filter([...$photos->pluck('file'), ...$papers->pluck('file')], is_string(...)));
    }
}
