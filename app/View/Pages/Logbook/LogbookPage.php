<?php

declare(strict_types=1);

namespace App\View\Pages\Logbook;

use App\Care\Readers\LogbookCriteria;
use App\Care\Readers\LogbookReader;
use App\Care\Readers\VesselReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\View\Words\Dates;
use App\View\Words\EntryWords;
use App\View\Words\MeetingWords;
use GoodRinse\Core\Chemistry\AgentMeeting;
use GoodRinse\Core\Chemistry\VesselRecord;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * What the logbook shows: the newest first, a day at a time.
 *
 * @phpstan-import-type Row from LogbookReader
 */
final readonly class LogbookPage
{
    public function __construct(
        private LogbookReader $logbook,
        private ClockInterface $clock,
        private EntryWords $words,
        private Handbook $handbook,
        private VesselReader $vessels,
        private MeetingWords $meetingWords,
    ) {
    }

    public function for(Household $household, LogbookCriteria $criteria): LogbookData
    {
        $machines = $household->machines()->orderBy('name')->get()->keyBy('id');
        $machine = $machines->get($criteria->machine);
        $pointed = $this->logbook->pointed($household, $criteria->entry);
        $show = null !== $pointed ? 'all' : ('' === $criteria->show ? 'care' : $criteria->show);
        $rows = 'pictures' === $show
            ? []
            : $this->logbook->rows(
                $household,
                $criteria,
                $machine,
                $show,
                $pointed ?? $criteria->before,
                fn (string $word): array => $this->words->idsNamed($word, $this->kinds($household, $machine)),
            );
        $photos = 'pictures' === $show ? $this->logbook->photos($household, $machine) : [];
        $last = count($rows) > LogbookReader::AT_ONCE ? $rows[LogbookReader::AT_ONCE - 1] : null;
        $people = $household->names(array_map(static fn (object $row): ?int => $row->recorded_by, $rows));

        return new LogbookData(
            household: $household,
            handbook: $this->handbook,
            machines: $machines,
            machine: $machine,
            show: $show,
            pointed: null === $pointed ? null : $criteria->entry,
            today: Day::at($this->clock->now(), $household->zone()),
            days: $this->days(array_slice($rows, 0, LogbookReader::AT_ONCE), $household, $machines, $people),
            photos: $photos,
            people: $people,
            asked: $criteria->filters(),
            more: null === $last ? null : "{$last->happened_at}_{$last->seq}",
        );
    }

    /** @return list<string> kinds of the machines whose lines are wanted */
    private function kinds(Household $household, ?Machine $machine): array
    {
        $kinds = null === $machine ? $household->machines()->distinct()->pluck('kind')->all() : [$machine->kind];

        return array_values(array_filter($kinds, is_string(...)));
    }

    /**
     * A day's lines, those of one round together: what was opened stands for the round, the rest is behind it.
     *
     * @param list<Row> $rows
     * @param Collection<string, Machine> $machines
     * @param array<array-key, mixed> $people names by id
     *
     * @return list<array{day: Day, groups: list<non-empty-list<LogbookLine>>}>
     */
    private function days(array $rows, Household $household, Collection $machines, array $people): array
    {
        $meetings = $this->meetings($rows, $household);
        $before = $this->before($rows, $machines, $household);
        $right = DB::table('entries')->whereIn('corrects', array_map(static fn (object $row): string => $row->id, $rows))
            ->pluck('id', 'corrects')
            ->all();
        $today = Day::at($this->clock->now(), $household->zone());
        $voided = Entry::voidedAmong(array_map(static fn (object $row): string => $row->id, $rows));
        $utc = new \DateTimeZone('UTC');
        $zones = $days = [];
        foreach ($rows as $row) {
            $zone = $zones[$row->zone] ??= new \DateTimeZone($row->zone);
            $at = new \DateTimeImmutable($row->happened_at, $utc);
            $day = Day::at($at, $zone);
            $payload = EntryKind::from($row->kind)->decode((array) json_decode($row->payload, true));
            $machine = $machines->get((string) $row->machine_id);
            $person = $people[$row->recorded_by ?? ''] ?? null;
            $days[$day->number]['day'] = $day;
            $days[$day->number]['groups'][$row->round_id ?? $row->id][] = new LogbookLine(
                id: $row->id,
                kind: $row->kind,
                words: $this->words->describe($payload, $machine, $row->part, $household->measures),
                time: DayOrder::isWhole($at, $zone) ? '' : Dates::time($at, $zone),
                machine: $machine?->name,
                person: is_string($person) ? $person : null,
                round: $row->round_id,
                grade: $payload instanceof Opening && null !== $payload->found
                    ? $this->handbook->scales()->scale($this->words->scale($machine, $payload->task))->nearest($payload->found)->id
                    : null,
                met: $this->meetingWords->about($meetings, $row->id),
                isUndo: null !== $row->voids,
                voidedBy: $voided[$row->id] ?? null,
                canCorrect: !isset($voided[$row->id]) && EntryKind::from($row->kind)->isCorrectable(),
                was: isset($before[$row->corrects ?? '']) ? (string) __('logbook.was', [
                    'day' => Dates::day(Day::at(new \DateTimeImmutable($row->recorded_at, $utc), $zone), $today),
                    'words' => $before[$row->corrects],
                ]) : '',
                entered: Entry::BY_HAND === $row->source
                    && null === $row->corrects
                    && Day::at(new \DateTimeImmutable($row->recorded_at, $utc), $zone)->number !== $day->number ? (string) __(
                        'logbook.entered',
                        ['day' => Dates::day(Day::at(new \DateTimeImmutable($row->recorded_at, $utc), $zone), $today)],
                    ) : '',
                isRight: isset($right[$row->id]),
            );
        }

        return array_values(array_map(static fn (array $day): array => [
            'day' => $day['day'],
            'groups' => array_values(array_map(self::openingFirst(...), $day['groups'])),
        ], $days));
    }

    /**
     * What entries said that were set right.
     *
     * @param list<Row> $rows
     * @param Collection<string, Machine> $machines
     *
     * @return array<string, string> words by id
     */
    private function before(array $rows, Collection $machines, Household $household): array
    {
        $ids = array_values(array_filter(array_map(static fn (object $row): ?string => $row->corrects, $rows)));
        $words = [];
        foreach ([] === $ids ? [] : Entry::query()->where('household_id', $household->id)->whereIn('id', $ids)->get() as $entry) {
            $zone = new \DateTimeZone($entry->zone);
            $words[$entry->id] = Dates::day(Day::at($entry->happened_at, $zone)).', '.$this->words->describe(
                $entry->decode(),
                $machines->get((string) $entry->machine_id),
                $entry->part,
                $household->measures,
            );
        }

        return $words;
    }

    /**
     * What met in the household's vessels, where these lines speak of pouring at all.
     *
     * @param list<Row> $rows
     *
     * @return list<AgentMeeting>
     */
    private function meetings(array $rows, Household $household): array
    {
        if (!in_array(EntryKind::Dose->value, array_map(static fn (object $row): string => $row->kind, $rows), true)) {
            return [];
        }

        return array_merge(
            ...array_values(array_map(static fn (VesselRecord $record): array => $record->meetings, $this->vessels->household($household))),
        );
    }

    /**
     * @param non-empty-list<LogbookLine> $lines
     *
     * @return non-empty-list<LogbookLine>
     */
    private static function openingFirst(array $lines): array
    {
        usort($lines, static fn (LogbookLine $a, LogbookLine $b): int => ['' === $a->met, EntryKind::Opening->value !== $a->kind] <=> [
            '' === $b->met,
            EntryKind::Opening->value !== $b->kind,
        ]);

        return $lines;
    }
}
