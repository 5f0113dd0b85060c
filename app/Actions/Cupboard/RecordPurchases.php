<?php

declare(strict_types=1);

namespace App\Actions\Cupboard;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Exchange\PurchaseLine;
use App\Models\Entry;
use App\Models\User;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\DayOrder;
use Psr\Clock\ClockInterface;

/** Writes a household's own table of purchases, or of what is left, into its logbook: all or nothing, and nothing twice. */
final readonly class RecordPurchases
{
    public function __construct(private WriteEntries $write, private ClockInterface $clock)
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
            $there += Entry::query()->whereIn('id', $ids)->pluck('seq', 'id')->all();
        }
        $drafts = [];
        foreach ($lines as $line) {
            if (!isset($there[$line->id])) {
                $drafts[$line->id] = new EntryDraft(
                    $line->payload,
                    DayOrder::moment($line->day, $this->clock->now(), $home->zone()),
                    Entry::BY_HAND,
                    $line->machine,
                    Supply::partOf($line->payload->supply)[1] ?? null,
                    id: $line->id,
                );
            }
        }
        $this->write->handle($home, $by, array_values($drafts));

        return count($drafts);
    }
}
