<?php

declare(strict_types=1);

namespace App\Actions\Cupboard;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Care\Cupboard\SupplyCatalog;
use App\Exchange\PurchaseLine;
use App\Models\Entry;
use App\Models\User;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\DayOrder;
use Psr\Clock\ClockInterface;

/** Writes a household's own table of purchases, or of what is left, into its logbook: all or nothing, and nothing twice. */
final readonly class RecordPurchases
{
    public function __construct(private WriteEntries $write, private SupplyCatalog $catalog, private ClockInterface $clock)
    {
    }

    /**
     * @param list<PurchaseLine> $lines
     *
     * @return int lines that were written
     */
    public function handle(User $by, array $lines): int
    {
        $home = $by->home();
        $there = [];
        foreach (array_chunk(array_map(static fn (PurchaseLine $line): string => $line->id, $lines), 500) as $ids) {
            array_push($there, ...Entry::query()->whereIn('id', $ids)->pluck('id')->all());
        }
        $drafts = [];
        foreach ($lines as $line) {
            if (!in_array($line->id, $there, true)) {
                $drafts[$line->id] = new EntryDraft(
                    $line->payload,
                    DayOrder::moment($line->day, $this->clock->now(), $home->zone()),
                    Entry::BY_HAND,
                    ($this->catalog->find($home, $line->payload->supply) ?? [null, null])[1],
                    Supply::partOf($line->payload->supply)[1] ?? null,
                    id: $line->id,
                );
            }
        }
        $this->write->handle($home, $by, array_values($drafts));

        return count($drafts);
    }
}
