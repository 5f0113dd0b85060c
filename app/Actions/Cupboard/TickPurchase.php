<?php

declare(strict_types=1);

namespace App\Actions\Cupboard;

use App\Models\Entry;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;

/**
 * Writes down what somebody ticks on the shopping list. A line has one number on every phone until it is bought, so that two who
 * tick the same line buy it once.
 */
final readonly class TickPurchase
{
    public function __construct(private RecordStock $record)
    {
    }

    /**
     * @param string $id ULID of the line
     *
     * @return bool whether it was written; false where somebody had ticked it before
     */
    public function handle(User $by, string $id, Purchase $purchase, \DateTimeImmutable $at): bool
    {
        $home = $by->home()->id;
        // A number that somebody else's household holds says nothing here, and must not keep anybody from buying.
        if (Entry::query()->whereKey($id)->where('household_id', '!=', $home)->exists()) {
            $id = DerivedUlid::of($id, $home);
        }
        if (Entry::query()->whereKey($id)->where('household_id', $home)->where('kind', EntryKind::Purchase)->exists()) {
            return false;
        }
        $this->record->handle($by, $id, $purchase, $at);

        return true;
    }
}
