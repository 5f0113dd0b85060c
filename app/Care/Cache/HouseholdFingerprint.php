<?php

declare(strict_types=1);

namespace App\Care\Cache;

use App\Care\Readers\CareReader;
use App\Care\Readers\OpenRounds;
use App\Models\Household;
use App\Models\Trace;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Tells whether anything has changed that a page about a whole household follows from. */
final readonly class HouseholdFingerprint
{
    public function __construct(private Handbook $handbook, private ClockInterface $clock)
    {
    }

    /**
     * Something that changes with the household, its machines, anything written down, the handbook or the day; null while
     * something changes by the minute: a round is under way, or an entry lies ahead of the clock.
     */
    public function of(Household $household): ?string
    {
        $now = $this->clock->now();
        $utc = static fn (\DateTimeImmutable $moment): string => $moment->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
        $signs = DB::selectOne(
            'select (select seq from entries where household_id = :vessels
                    and kind in (\'dose\', \'clearing\', \'voiding\') order by seq desc limit 1) as poured,
                (select seq from entries where household_id = :cupboard
                    and kind in (\'purchase\', \'stock\', \'disposal\', \'wish\', \'part-fitted\', \'part-need\')
                    order by seq desc limit 1) as stock,
                (select count(*) || coalesce(cast(max(updated_at) as text), \'\') from supplies where household_id = :kept) as kept,
                (select group_concat(id) from rounds where household_id = :rounds and '.OpenRounds::OPEN.') as open,
                (select count(*) from rounds where household_id = :ended and ended_at is not null) as ended,
                (select coalesce(cast(max(updated_at) as text), \'\') from traces where household_id = :told) as told,
                (select group_concat(id || coalesce(cast(ended_at as text), \'\') || symptoms
                    || coalesce(cast(ended_at <= :asked as text), \'\')) from traces
                    where household_id = :traces and (ended_at is null or (ended_how = :fixed and held is null))) as traces,
                exists (select 1 from rounds where household_id = :running and ended_at is null)
                or exists (select 1 from entries where household_id = :entries and happened_at > :now) as moves',
            array_fill_keys(['vessels', 'cupboard', 'kept', 'rounds', 'ended', 'told', 'traces', 'running', 'entries'], $household->id)
            + [
                'fixed' => Trace::FIXED,
                'now' => $utc($now),
                'asked' => $utc($now->modify(sprintf('-%d days', $this->handbook->asking()->heldAfterDays))),
            ],
        );
        if (!$signs instanceof \stdClass || (bool) $signs->moves) {
            return null;
        }

        return hash('xxh128', json_encode([
            $this->handbook->version(),
            (string) Day::at($now, $household->zone()),
            $signs,
            $household->getAttributes(),
            $household->machines()
                ->select('machines.*')
                ->selectSub(CareReader::newestEntry()->whereColumn('machine_id', 'machines.id'), 'last_entry')
                ->toBase()
                ->get()
                ->all(),
        ], JSON_THROW_ON_ERROR));
    }
}
