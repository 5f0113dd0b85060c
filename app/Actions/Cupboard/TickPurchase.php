<?php

declare(strict_types=1);

namespace App\Actions\Cupboard;

use App\Models\Entry;
use App\Models\User;
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
        $there = Entry::query()->find($id);
        if (null !== $there && $there->household_id === $by->home()->id && EntryKind::Purchase === $there->kind) {
            return false;
        }
        $this->record->handle($by, $id, $purchase, $at);

        return true;
    }
}
