<?php

declare(strict_types=1);

namespace App\View\Pages\Logbook;

use App\Actions\Logbook\CorrectEntry;
use App\Care\Readers\VesselReader;
use App\Http\Requests\Logbook\LogbookRequest;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\View\Words\Dates;
use App\View\Words\EntryWords;
use App\View\Words\MeetingWords;
use GoodRinse\Core\Chemistry\AgentMeeting;
use GoodRinse\Core\Chemistry\VesselRecord;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\PayloadCodec;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * What the logbook shows: the newest first, a day at a time.
 *
 * @phpstan-type Row object{seq: int, id: string, kind: string, happened_at: string, zone: string, machine_id: string|null, part: string|null, payload: string, recorded_by: int|null, round_id: string|null, voids: string|null, corrects: string|null, recorded_at: string, source: string}
 */
final readonly class LogbookPage
{
    private const AT_ONCE = 25;
    private const PICTURES = 200;

    public function __construct(
        private ClockInterface $clock,
        private EntryWords $words,
        private Handbook $handbook,
        private VesselReader $vessels,
        private MeetingWords $meetingWords,
    ) {
    }

    /** @return array<string, mixed> */
    public function for(Household $household, LogbookRequest $request): array
    {
        $machines = $household->machines()->orderBy('name')->get()->keyBy('id');
        $machine = $machines->get($request->string('machine')->toString());
        $pointed = $this->pointed($household, $request->string('entry')->toString());
        $show = null !== $pointed ? 'all' : ($request->filled('show') ? $request->string('show')->toString() : 'care');
        $rows = 'pictures' === $show
            ? []
            : $this->rows($household, $machine, $show, $pointed ?? $request->string('before')->toString(), $request);
        $photos = 'pictures' === $show ? $this->photos($household, $machine) : [];
        $last = count($rows) > self::AT_ONCE ? $rows[self::AT_ONCE - 1] : null;
        $people = DB::table('users')->where('household_id', $household->id)->pluck('name', 'id')->all();

        return [
            'household' => $household,
            'handbook' => $this->handbook,
            'machines' => $machines,
            'machine' => $machine,
            'show' => $show,
            'pointed' => null === $pointed ? null : $request->string('entry')->toString(),
            'today' => Day::at($this->clock->now(), $household->zone()),
            'days' => $this->days(array_slice($rows, 0, self::AT_ONCE), $household, $machines, $people),
            'photos' => $photos,
            'people' => $people,
            'asked' => array_filter(
                $request->only(['from', 'to', 'by', 'find']),
                static fn (mixed $value): bool => is_string($value) && '' !== $value,
            ),
            'more' => null === $last ? null : "{$last->happened_at}_{$last->seq}",
        ];
    }

    /** From where the lines begin with an entry that is asked for; null when there is none. */
    private function pointed(Household $household, string $entry): ?string
    {
        $row = '' === $entry
            ? null
            : DB::table('entries')->where('household_id', $household->id)->where('id', $entry)->first(['happened_at', 'seq']);

        return null === $row ? null : sprintf('%s_%d', $row->happened_at, $row->seq + 1);
    }

    /**
     * Plain rows: twenty-five models with their casts would take longer than everything else on the page.
     *
     * @return list<Row> one more than is shown, to know whether there are more
     */
    private function rows(Household $household, ?Machine $machine, string $show, string $before, LogbookRequest $asked): array
    {
        $query = DB::table('entries')->where('household_id', $household->id)
            ->where('happened_at', '<=', $this->clock->now()->format('Y-m-d H:i:s'))
            ->when(null !== $machine, static fn (Builder $query): Builder => $query->where('machine_id', $machine?->id));
        $this->narrow($query, $household, $machine, $asked);
        match ($show) {
            'uses' => $query->whereIn('kind', [EntryKind::Counter, EntryKind::Meter]),
            'all' => $query,
            default => self::careOnly($query),
        };
        if (1 === preg_match('/^(\d{4}-\d\d-\d\d \d\d:\d\d:\d\d)_(\d{1,15})$/D', $before, $at)) {
            $query->whereRaw('(happened_at, seq) < (?, ?)', [$at[1], (int) $at[2]]);
        }
        /** @var list<Row> $rows */
        $rows = $query->orderByDesc('happened_at')->orderByDesc('seq')->limit(self::AT_ONCE + 1)->get()->all();

        return $rows;
    }

    /**
     * The pictures of the household, the newest first, each with what it belongs to.
     *
     * @return list<array{photo: Photo, day: Day, of: string, to: string|null}>
     */
    private function photos(Household $household, ?Machine $machine): array
    {
        $machines = $household->machines()->pluck('name', 'id')->all();
        $ofRounds = DB::table('rounds')->where('household_id', $household->id)->pluck('machine_id', 'id')->all();
        $ofTraces = DB::table('traces')->where('household_id', $household->id)->pluck('machine_id', 'id')->all();
        $photos = [];
        foreach (Photo::query()->where('household_id', $household->id)->orderByDesc('taken_at')->limit(self::PICTURES)->get() as $photo) {
            $of = $photo->machine_id ?? $ofRounds[$photo->round_id ?? ''] ?? $ofTraces[$photo->trace_id ?? ''] ?? null;
            if (null !== $machine && $of !== $machine->id) {
                continue;
            }
            $photos[] = [
                'photo' => $photo,
                'day' => Day::at($photo->taken_at, $household->zone()),
                'of' => is_string($name = $machines[$of ?? ''] ?? null) ? $name : '',
                'to' => match (true) {
                    null !== $photo->round_id => "/rounds/$photo->round_id",
                    null !== $photo->trace_id => "/traces/$photo->trace_id",
                    null !== $photo->machine_id => "/machines/$photo->machine_id/apart",
                    default => null,
                },
            ];
        }

        return $photos;
    }

    /** Only of some days, by one person, or with a word in it. */
    private function narrow(Builder $query, Household $household, ?Machine $machine, LogbookRequest $asked): void
    {
        $utc = new \DateTimeZone('UTC');
        [$from, $to] = [$asked->day('from'), $asked->day('to')];
        if (null !== $from) {
            $query->where('happened_at', '>=', $from->atTime(0, 0, $household->zone())->setTimezone($utc)->format('Y-m-d H:i:s'));
        }
        if (null !== $to) {
            $query->where('happened_at', '<', $to->plus(1)->atTime(0, 0, $household->zone())->setTimezone($utc)->format('Y-m-d H:i:s'));
        }
        if ($asked->filled('by')) {
            $query->where('recorded_by', $asked->integer('by'));
        }
        $word = trim($asked->string('find')->toString());
        if ('' !== $word) {
            $like = static fn (string $text): string => '%'.addcslashes($text, '%_\\').'%';
            $query->where(function (Builder $any) use ($word, $machine, $household, $like): void {
                $any->whereRaw("json_extract(payload, '$.text') like ? escape '\\'", [$like($word)]);
                foreach ($this->words->idsNamed(
                    $word,
                    null === $machine ? array_unique($household->machines()->pluck('kind')->all()) : [$machine->kind],
                ) as $id) {
                    $any->orWhere('part', $id)->orWhereRaw("payload like ? escape '\\'", [$like("\"$id\"")]);
                }
            });
        }
    }

    /** Without the counts, the undos themselves, and lines that a later one of the same round set right. */
    private static function careOnly(Builder $query): void
    {
        $query->whereRaw("kind NOT IN ('counter', 'meter', 'voiding')")
            ->whereNotExists(
                static fn (Builder $voiding): Builder => $voiding->from('entries as v')->whereColumn('v.voids', 'entries.id')->where(
                    'v.payload',
                    'like',
                    '%"correction"%',
                ),
            );
    }

    /**
     * A day's lines, those of one round together: what was opened stands for the round, the rest is behind it.
     *
     * @param list<Row>                   $rows
     * @param Collection<string, Machine> $machines
     * @param array<array-key, mixed>     $people   names by id
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
            $says = PayloadCodec::decode(EntryKind::from($row->kind), (array) json_decode($row->payload, true));
            $machine = $machines->get((string) $row->machine_id);
            $person = $people[$row->recorded_by ?? ''] ?? null;
            $days[$day->number]['day'] = $day;
            $days[$day->number]['groups'][$row->round_id ?? $row->id][] = new LogbookLine(
                $row->id,
                $row->kind,
                $this->words->say($says, $machine, $row->part, $household->measures),
                DayOrder::isWhole($at, $zone) ? '' : Dates::time($at, $zone),
                $machine?->name,
                is_string($person) ? $person : null,
                $row->round_id,
                $says instanceof Opening && null !== $says->found
                    ? $this->handbook->scales()->scale($this->words->scale($machine, $says->task))->nearest($says->found)->id
                    : null,
                $this->meetingWords->about($meetings, $row->id),
                null !== $row->voids,
                $voided[$row->id] ?? null,
                !isset($voided[$row->id]) && in_array(EntryKind::from($row->kind), CorrectEntry::KINDS, true),
                isset($before[$row->corrects ?? '']) ? (string) __('logbook.was', [
                    'day' => Dates::day(Day::at(new \DateTimeImmutable($row->recorded_at, $utc), $zone), $today),
                    'words' => $before[$row->corrects],
                ]) : '',
                Entry::BY_HAND === $row->source
                    && null === $row->corrects
                    && Day::at(new \DateTimeImmutable($row->recorded_at, $utc), $zone)->number !== $day->number ? (string) __(
                        'logbook.entered',
                        ['day' => Dates::day(Day::at(new \DateTimeImmutable($row->recorded_at, $utc), $zone), $today)],
                    ) : '',
                isset($right[$row->id]),
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
     * @param list<Row>                   $rows
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
            $words[$entry->id] = Dates::day(Day::at($entry->happened_at, $zone)).', '.$this->words->say(
                $entry->says(),
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
