<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\Readers\CareReader;
use App\Care\Sessions\AheadReader;
use App\Care\Sessions\AheadSessions;
use App\Care\Sessions\SessionWish;
use App\Models\Household;
use App\Support\Scalar;
use GoodRinse\Core\Cupboard\Demand;
use GoodRinse\Core\Cupboard\Package;
use GoodRinse\Core\Cupboard\StockLedger;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Plan\Ahead\AheadPlan;
use Illuminate\Support\Facades\DB;

/** Reads what is in a household's cupboard, and what its machines will take of it in the next half year. */
final readonly class CupboardReader
{
    /** As the indexes over these entries say it, word for word: without them a whole logbook would be read past. */
    private const KINDS = ["kind IN ('dose', 'clearing', 'voiding')", "kind IN ('purchase', 'stock', 'disposal')"];

    public function __construct(
        private Handbook $handbook,
        private AheadReader $ahead,
        private CareReader $care,
        private DoseReader $doses,
    ) {
    }

    public function of(Household $household): Cupboard
    {
        $supplies = $this->handbook->chemistry()->supplies;
        $entries = $this->entries($household);
        $wish = SessionWish::kept($household);
        $sessions = $this->ahead->read($household, $wish ?? new SessionWish());

        return new Cupboard(
            $sessions->today,
            (new StockLedger($supplies))->of($entries),
            $this->demands($sessions, null === $wish ? $sessions->each : $sessions->plan, $household, $supplies),
            self::packages($supplies, $entries),
        );
    }

    /** @return list<Entry> in force */
    private function entries(Household $household): array
    {
        $entries = $rows = [];
        foreach (self::KINDS as $kinds) {
            array_push($rows, ...DB::table('entries')
                ->where('household_id', $household->id)
                ->whereRaw($kinds)
                ->get(['seq', 'id', 'kind', 'happened_at', 'payload', 'voids']));
        }
        foreach ($rows as $row) {
            $entries[] = new Entry(
                Scalar::text($row->id),
                Scalar::int($row->seq),
                new \DateTimeImmutable(Scalar::text($row->happened_at), new \DateTimeZone('UTC')),
                EntryKind::from(Scalar::text($row->kind))->decode((array) json_decode(Scalar::text($row->payload), true)),
                null === $row->voids ? null : Scalar::text($row->voids),
            );
        }

        return EffectiveEntries::among($entries);
    }

    /**
     * @param array<string, Supply> $supplies
     *
     * @return array<string, list<Demand>> by supply
     */
    private function demands(AheadSessions $sessions, AheadPlan $plan, Household $household, array $supplies): array
    {
        $machines = $doses = $demands = [];
        foreach ($this->care->household($household) as $care) {
            $machines[$care->machine->id] = $care;
        }
        foreach ($plan->sessions as $session) {
            foreach ($session->jobs as $job) {
                $task = $sessions->task($job);
                $doses[$job->job->id] ??= $this->doses->of($machines[$task->machine->id], $task->fullest(), $household, $supplies);
                foreach ($doses[$job->job->id] as $supply => $amount) {
                    $demands[$supply][] = new Demand(
                        $supply,
                        $amount,
                        $session->day,
                        max(0, min($session->day, $job->window->earliest)),
                        max($session->day, $job->window->latest),
                        $task->name().', '.$task->machine->name,
                    );
                }
            }
        }

        return $demands;
    }

    /**
     * What a supply is sold in: packages the household has bought, at what they cost last, and those of the handbook.
     *
     * @param array<string, Supply> $supplies
     * @param list<Entry> $entries
     *
     * @return array<string, non-empty-list<Package>> by supply
     */
    private static function packages(array $supplies, array $entries): array
    {
        usort($entries, static fn (Entry $a, Entry $b): int => [$a->happenedAt, $a->order] <=> [$b->happenedAt, $b->order]);
        $own = [];
        foreach ($entries as $entry) {
            $bought = $entry->payload;
            $size = $bought instanceof Purchase ? ($supplies[$bought->supply] ?? null)?->inUnit($bought->package) : null;
            if ($bought instanceof Purchase && null !== $size && $size > 0) {
                $known = ($own[$bought->supply][sprintf('%.2f', $size)] ?? null)?->price;
                $own[$bought->supply][sprintf('%.2f', $size)] = new Package(
                    $size,
                    null === $bought->price ? $known : $bought->price / $bought->count,
                );
            }
        }
        $packages = [];
        foreach ($supplies as $id => $supply) {
            $mine = $own[$id] ?? [];
            $others = array_filter($supply->packages, static fn (float $size): bool => !isset($mine[sprintf('%.2f', $size)]));
            $all = [
                ...array_values(array_reverse($mine)),
                ...array_map(static fn (float $size): Package => new Package($size), array_values($others)),
            ];
            $packages[$id] = [] === $all ? [new Package($supply->packages[0])] : $all;
        }

        return $packages;
    }
}
