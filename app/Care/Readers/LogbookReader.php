<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Support\Scalar;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * Reads lines and pictures of the logbook, the newest first.
 *
 * @phpstan-type Row object{
 *     seq: int,
 *     id: string,
 *     kind: string,
 *     happened_at: string,
 *     zone: string,
 *     machine_id: string|null,
 *     part: string|null,
 *     payload: string,
 *     recorded_by: int|null,
 *     round_id: string|null,
 *     voids: string|null,
 *     corrects: string|null,
 *     recorded_at: string,
 *     source: string,
 * }
 */
final readonly class LogbookReader
{
    /** Lines of one page. */
    public const AT_ONCE = 25;

    private const PICTURES = 200;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** From where the lines begin with an entry that is asked for; null when there is none. */
    public function pointed(Household $household, string $entry): ?string
    {
        $row = '' === $entry
            ? null
            : DB::table('entries')->where('household_id', $household->id)->where('id', $entry)->first(['happened_at', 'seq']);

        return null === $row ? null : sprintf('%s_%d', Scalar::text($row->happened_at), Scalar::int($row->seq) + 1);
    }

    /**
     * Plain rows: twenty-five models with their casts would take longer than everything else on the page.
     *
     * @param string $before place in the logbook that they come before
     * @param \Closure(string): list<string> $named ids of what a person may mean by a word
     *
     * @return list<Row> one more than is shown, to know whether there are more
     */
    public function rows(
        Household $household,
        LogbookCriteria $criteria,
        ?Machine $machine,
        string $show,
        string $before,
        \Closure $named,
    ): array {
        $query = DB::table('entries')->where('household_id', $household->id)
            ->where('happened_at', '<=', $this->clock->now()->format('Y-m-d H:i:s'))
            ->when(null !== $machine, static fn (Builder $query): Builder => $query->where('machine_id', $machine?->id));
        $this->narrow($query, $household, $criteria, $named);
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
    public function photos(Household $household, ?Machine $machine): array
    {
        $machines = $household->machines()->pluck('name', 'id')->all();
        $ofRounds = DB::table('rounds')->where('household_id', $household->id)->pluck('machine_id', 'id')->all();
        $ofTraces = DB::table('traces')->where('household_id', $household->id)->pluck('machine_id', 'id')->all();
        $photos = [];
        foreach (Photo::query()->where('household_id', $household->id)->orderByDesc('taken_at')->limit(self::PICTURES)->get() as $photo) {
            $of = Scalar::text($photo->machine_id ?? $ofRounds[$photo->round_id ?? ''] ?? $ofTraces[$photo->trace_id ?? ''] ?? null);
            if (null !== $machine && $of !== $machine->id) {
                continue;
            }
            $photos[] = [
                'photo' => $photo,
                'day' => Day::at($photo->taken_at, $household->zone()),
                'of' => is_string($name = $machines[$of] ?? null) ? $name : '',
                'to' => match (true) {
                    null !== $photo->round_id => "/rounds/$photo->round_id",
                    null !== $photo->trace_id => "/traces/$photo->trace_id",
                    Photo::MESH === $photo->step => "/machines/$photo->machine_id/mesh/$photo->id",
                    null !== $photo->machine_id => "/machines/$photo->machine_id/apart",
                    default => null,
                },
            ];
        }

        return $photos;
    }

    /**
     * Only of some days, by one person, or with a word in it.
     *
     * @param \Closure(string): list<string> $named
     */
    private function narrow(Builder $query, Household $household, LogbookCriteria $criteria, \Closure $named): void
    {
        $utc = new \DateTimeZone('UTC');
        [$from, $to] = [$criteria->from, $criteria->to];
        if (null !== $from) {
            $query->where('happened_at', '>=', $from->atTime(0, 0, $household->zone())->setTimezone($utc)->format('Y-m-d H:i:s'));
        }
        if (null !== $to) {
            $query->where('happened_at', '<', $to->plus(1)->atTime(0, 0, $household->zone())->setTimezone($utc)->format('Y-m-d H:i:s'));
        }
        if (null !== $criteria->by) {
            $query->where('recorded_by', $criteria->by);
        }
        $word = trim($criteria->find);
        if ('' !== $word) {
            // A backslash would hide the next place for a value from PDO where PostgreSQL is spoken.
            $like = static fn (string $text): string => '%'.preg_replace('/[%_!]/', '!$0', $text).'%';
            $query->where(function (Builder $any) use ($word, $named, $like): void {
                $any->whereRaw("lower(json_extract(payload, '$.text')) like lower(?) escape '!'", [$like($word)]);
                foreach ($named($word) as $id) {
                    $any->orWhere('part', $id)->orWhereRaw("payload like ? escape '!'", [$like("\"$id\"")]);
                }
            });
        }
    }

    /** Without the counts, the undos themselves, and lines that a later one of the same round set right. */
    private static function careOnly(Builder $query): void
    {
        $query->whereRaw("kind NOT IN ('counter', 'meter', 'voiding')")
            ->whereNotExists(
                static fn (Builder $reversal): Builder => $reversal->from('entries as v')->whereColumn('v.voids', 'entries.id')->where(
                    'v.payload',
                    'like',
                    '%"correction"%',
                ),
            );
    }
}
