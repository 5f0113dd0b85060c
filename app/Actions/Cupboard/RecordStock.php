<?php

declare(strict_types=1);

namespace App\Actions\Cupboard;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Care\Cupboard\SupplyCatalog;
use App\Care\Cupboard\SupplyNames;
use App\Models\Entry;
use App\Models\User;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Logbook\Payload\Stock\Wish;

/** Writes down that a supply was bought, looked at or thrown away, or is wanted. */
final readonly class RecordStock
{
    public function __construct(private SupplyCatalog $catalog, private SupplyNames $names, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     *
     * @throws UnknownEntry when there is no such supply
     * @throws ActionRefused when it is given in a unit that does not go into the supply's, or lies in the future
     */
    public function handle(User $by, string $id, Purchase|StockLook|Disposal|Wish $payload, \DateTimeImmutable $at): void
    {
        $home = $by->home();
        [$supply, $machine] = $this->catalog->find($home, $payload->supply) ?? throw UnknownEntry::named('supply', $payload->supply);
        $portion = match (true) {
            $payload instanceof Purchase => $payload->package,
            $payload instanceof StockLook => $payload->left,
            $payload instanceof Disposal => $payload->gone,
            $payload instanceof Wish => null,
        };
        if (null !== $portion && null === $supply->inUnit($portion)) {
            throw ActionRefused::otherUnit($this->names->of($supply->id, $machine), $supply->unit->value);
        }
        $this->write->handle($home, $by, [
            new EntryDraft($payload, $at, Entry::BY_HAND, $machine, Supply::partOf($supply->id)[1] ?? null, id: $id),
        ]);
    }
}
