<?php

declare(strict_types=1);

namespace App\Care\Cache;

use App\Models\Machine;
use App\Support\Scalar;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Logbook\PackedOpenings;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Usage\UseTimeline;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Old openings and uses of a machine with what was computed of them, so that years of them are not read again after every
 * entry.
 *
 * They stand only as long as nothing was written down since that tells of their time: a late entry, an undo, a number
 * for days that reach back, an absence, a reading whose predecessor lies there. Whatever is not simply newer makes the
 * whole history be read again.
 */
final readonly class SettledPastCache
{
    /** Goes up when what is kept changes its shape. */
    private const SHAPE = 6;

    /** Days after which an opening may be kept; and after which it is worth keeping more. */
    private const AGE = 90;
    private const AGAIN = 60;

    /**
     * @param int $age days after which an opening may be kept
     * @param int $again days after which it is worth keeping more
     */
    public function __construct(
        private Handbook $handbook,
        private Repository $cache,
        private int $age = self::AGE,
        private int $again = self::AGAIN,
    ) {
    }

    /** Null where the whole history has to be read. */
    public function of(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $asOf): ?SettledPast
    {
        $kept = $this->cache->get(self::key($machine));
        if (
            !is_array($kept)
            || ($kept['signs'] ?? null) !== $this->signs($machine, $zone)
            || $kept['at'] > $asOf->getTimestamp()
            || !$kept['past'] instanceof SettledPast
        ) {
            return null;
        }
        $past = $kept['past'];
        foreach (DB::table('entries')->where('machine_id', $machine->id)->where('seq', '>', $kept['seq'])->get(
            ['kind', 'happened_at', 'payload', 'voids'],
        ) as $entry) {
            if (!$this->isNewer($entry, $past->cut, $zone, $kept)) {
                return null;
            }
        }

        return $past;
    }

    /**
     * Keeps what is old enough, where that is worth it.
     *
     * @param SettledPast|null $kept that the history was read with
     */
    public function keep(
        Machine $machine,
        \DateTimeZone $zone,
        MachineHistory $history,
        UseTimeline $use,
        \DateTimeImmutable $asOf,
        ?SettledPast $kept,
    ): void {
        $cutDay = Day::at($asOf, $zone)->plus(-$this->age);
        $cut = $cutDay->atTime(0, 0, $zone)->format('Y-m-d H:i:s');
        if (null !== $kept && $kept->cut > $cutDay->plus(-$this->again)->atTime(0, 0, $zone)->format('Y-m-d H:i:s')) {
            return;
        }
        $openings = [];
        $more = false;
        foreach ($history->tasks as $task => $past) {
            $old = array_values(array_filter($past->openings, static fn (OpeningRecord $opening): bool => $cutDay->isAfter($opening->day)));
            if ([] !== $old && [] === array_filter($old, static fn (OpeningRecord $opening): bool => $opening->symptom)) {
                $openings[$task] = PackedOpenings::of($old);
            } else {
                $more = $more || [] !== $old;
            }
        }
        $after = DB::table('entries')->where('machine_id', $machine->id)->where('happened_at', '>=', $cut);
        $this->cache->forever(self::key($machine), [
            'signs' => $this->signs($machine, $zone),
            'at' => $asOf->getTimestamp(),
            'seq' => Scalar::int(DB::table('entries')->where('machine_id', $machine->id)->max('seq')),
            'past' => [] === $openings
                ? null
                : new SettledPast($cut, $openings, $more, $use->taps->before((float) $cutDay->number)->pack()),
            'taps' => self::firstTap((clone $after)->where('kind', EntryKind::Counter), $use, $zone),
            'meters' => self::second(
                (clone $after)->where('kind', EntryKind::Meter)->orderBy('happened_at')->get(['payload', 'happened_at'])->all(),
            ),
        ]);
    }

    /**
     * Whether an entry tells of nothing before the cut.
     *
     * @param array<array-key, mixed> $kept
     */
    private function isNewer(object $entry, string $cut, \DateTimeZone $zone, array $kept): bool
    {
        /** @var object{kind: string, happened_at: string, payload: string, voids: string|null} $entry */
        if ($entry->happened_at < $cut) {
            return false;
        }
        $says = (array) json_decode($entry->payload, true);
        $cutDay = Day::at(new \DateTimeImmutable($cut, new \DateTimeZone('UTC')), $zone);

        return match (EntryKind::from($entry->kind)) {
            EntryKind::Reversal => $this->voidsNewer((string) $entry->voids, $cut, $zone, $kept),
            EntryKind::Confirmation => is_string($says['symptom'] ?? null)
                && DB::table('entries')->where('id', $says['symptom'])->where('happened_at', '>=', $cut)->exists(),
            EntryKind::Away => is_string($says['from'] ?? null) && !$cutDay->isAfter(Day::of($says['from'])),
            // What reaches back to the first count after the cut may change how the time before it is known.
            EntryKind::Counter => is_string($kept['taps']) && $kept['taps'] < (is_int($says['over'] ?? null)
                ? (new \DateTimeImmutable($entry->happened_at, new \DateTimeZone('UTC')))->modify(sprintf('-%d days', $says['over'] + 1))
                    ->format('Y-m-d H:i:s')
                : $entry->happened_at),
            EntryKind::Meter => (((array) $kept['meters'])[self::track($entry->payload)] ?? '9') < $entry->happened_at,
            default => true,
        };
    }

    /** @param array<array-key, mixed> $kept */
    private function voidsNewer(string $id, string $cut, \DateTimeZone $zone, array $kept): bool
    {
        $target = DB::table('entries')->where('id', $id)->first(['kind', 'happened_at', 'payload', 'voids']);

        return null !== $target
            && EntryKind::Counter->value !== $target->kind
            && EntryKind::Meter->value !== $target->kind
            && $this->isNewer($target, $cut, $zone, $kept);
    }

    /** When the first single use was tapped that counts as one: told numbers, counters and undone taps are none. */
    private static function firstTap(Builder $counts, UseTimeline $use, \DateTimeZone $zone): ?string
    {
        $days = new LocalDays($zone);
        $utc = new \DateTimeZone('UTC');
        foreach ($counts->orderBy('happened_at')->pluck('happened_at') as $at) {
            $at = Scalar::text($at);
            if (in_array($days->of(new \DateTimeImmutable($at, $utc)), $use->taps->times, true)) {
                return $at;
            }
        }

        return null;
    }

    /**
     * When each counter was read for the second time: from then on it has been watching.
     *
     * @param array<array-key, object> $readings the earliest first
     *
     * @return array<string, string> by counter
     */
    private static function second(array $readings): array
    {
        $seen = $second = [];
        foreach ($readings as $reading) {
            /** @var object{payload: string, happened_at: string} $reading */
            $track = self::track($reading->payload);
            if (isset($seen[$track])) {
                $second[$track] ??= $reading->happened_at;
            }
            $seen[$track] = true;
        }

        return $second;
    }

    private static function track(string $payload): string
    {
        $says = (array) json_decode($payload, true);

        return json_encode([$says['meter'] ?? null, $says['series'] ?? null], JSON_THROW_ON_ERROR);
    }

    private static function key(Machine $machine): string
    {
        return sprintf('frozen.%d.%s', self::SHAPE, $machine->id);
    }

    /** What the computing follows from beside the entries. */
    private function signs(Machine $machine, \DateTimeZone $zone): string
    {
        return json_encode(
            [$this->handbook->version(), $zone->getName(), $machine->traits, $machine->habits, (string) $machine->created_at],
            JSON_THROW_ON_ERROR,
        );
    }
}
