<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\Household;
use App\Support\Scalar;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use Illuminate\Support\Facades\DB;

/** The lines of a household's logbook that are about its cupboard. */
final readonly class StockEntries
{
    /** As the indexes over these entries say it, word for word: without them a whole logbook would be read past. */
    public const KINDS = [
        "kind IN ('dose', 'clearing', 'voiding')",
        "kind IN ('purchase', 'stock', 'disposal', 'wish', 'part-fitted', 'part-need')",
    ];

    /**
     * @param list<Entry> $entries in force
     * @param array<string, string> $machines that they are about, by entry
     * @param array<string, string> $rounds that they were written in, by entry
     * @param array<string, int> $turns line of the logbook that last bought each supply, or took that back
     */
    private function __construct(public array $entries, public array $machines, public array $turns, public array $rounds)
    {
    }

    /** Whether anybody has ever written anything about it but what was poured. */
    public static function isAny(Household $household): bool
    {
        return DB::table('entries')->where('household_id', $household->id)->whereRaw(self::KINDS[1])->exists();
    }

    public static function of(Household $household): self
    {
        $entries = $machines = $rounds = $rows = [];
        foreach (self::KINDS as $kinds) {
            array_push($rows, ...DB::table('entries')
                ->where('household_id', $household->id)
                ->whereRaw($kinds)
                ->get(['seq', 'id', 'machine_id', 'round_id', 'kind', 'happened_at', 'payload', 'voids']));
        }
        foreach ($rows as $row) {
            $id = Scalar::text($row->id);
            $entries[$id] = new Entry(
                $id,
                Scalar::int($row->seq),
                new \DateTimeImmutable(Scalar::text($row->happened_at), new \DateTimeZone('UTC')),
                EntryKind::from(Scalar::text($row->kind))->decode((array) json_decode(Scalar::text($row->payload), true)),
                null === $row->voids ? null : Scalar::text($row->voids),
            );
            if (null !== $row->machine_id) {
                $machines[$id] = Scalar::text($row->machine_id);
            }
            if (null !== $row->round_id) {
                $rounds[$id] = Scalar::text($row->round_id);
            }
        }

        return new self(EffectiveEntries::among(array_values($entries)), $machines, self::turns($entries), $rounds);
    }

    /**
     * @param array<string, Entry> $entries by id
     *
     * @return array<string, int>
     */
    private static function turns(array $entries): array
    {
        $turns = [];
        foreach ($entries as $entry) {
            $about = ($entries[$entry->voids ?? ''] ?? $entry)->payload;
            if ($about instanceof Purchase) {
                $turns[$about->supply] = max($turns[$about->supply] ?? 0, $entry->order);
            }
        }

        return $turns;
    }
}
