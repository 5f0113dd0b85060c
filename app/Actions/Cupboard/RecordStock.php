<?php

declare(strict_types=1);

namespace App\Actions\Cupboard;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Models\Entry;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;

/** Writes down that a supply was bought, looked at or thrown away. */
final readonly class RecordStock
{
    public function __construct(private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     *
     * @throws UnknownEntry when there is no such supply
     * @throws ActionRefused when it is given in a unit that does not go into the supply's, or lies in the future
     */
    public function handle(User $by, string $id, Purchase|StockLook|Disposal $payload, \DateTimeImmutable $at): void
    {
        $supply = $this->handbook->chemistry()->supplies[$payload->supply] ?? throw UnknownEntry::named('supply', $payload->supply);
        $portion = match (true) {
            $payload instanceof Purchase => $payload->package,
            $payload instanceof StockLook => $payload->left,
            $payload instanceof Disposal => $payload->gone,
        };
        if (null === $supply->inUnit($portion)) {
            throw ActionRefused::otherUnit($this->handbook->agent($supply->id)->name, $supply->unit->value);
        }
        $this->write->handle($by->home(), $by, [new EntryDraft($payload, $at, Entry::BY_HAND, id: $id)]);
    }
}
