<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/** Works out what is in the cupboard from what was bought, poured, fitted, thrown away and seen. */
final readonly class StockLedger
{
    /** @param array<string, Supply> $supplies by id */
    public function __construct(private array $supplies)
    {
    }

    /**
     * @param iterable<Entry> $entries in force, in any order; what is counted in a unit that does not go into the supply's own
     *     is left out
     * @param array<string, string> $machines into which parts were fitted, by the entry's id
     *
     * @return array<string, Stock> of every supply, by id
     */
    public function of(iterable $entries, array $machines = []): array
    {
        $stocks = array_map(static fn (Supply $supply): Stock => new Stock($supply), $this->supplies);
        foreach (Entry::inOrder($entries) as $entry) {
            [$id, $portion] = self::about($entry->payload, $machines[$entry->id] ?? null);
            $amount = null === $portion ? null : ($this->supplies[$id] ?? null)?->inUnit($portion);
            if (null !== $amount) {
                $stocks[$id] = self::after($stocks[$id], $entry, $amount);
            }
        }

        return $stocks;
    }

    /**
     * Which supply an entry is about, and how much of it.
     *
     * @param string|null $machine id
     *
     * @return array{string, Portion|null}
     */
    public static function about(Payload $payload, ?string $machine): array
    {
        return match (true) {
            $payload instanceof Purchase => [$payload->supply, $payload->all()],
            $payload instanceof StockLook => [$payload->supply, $payload->left],
            $payload instanceof Disposal => [$payload->supply, $payload->gone],
            $payload instanceof Dose => [$payload->agent, $payload->portion],
            $payload instanceof PartFitted && null !== $machine => [
                Supply::partId($machine, $payload->part),
                Portion::of(1, PortionUnit::Pieces),
            ],
            default => ['', null],
        };
    }

    private static function after(Stock $stock, Entry $entry, float $amount): Stock
    {
        $at = $entry->happenedAt;

        return match (true) {
            $entry->payload instanceof Purchase => $stock->buy($amount, $at),
            $entry->payload instanceof StockLook => $stock->look($amount, $at),
            $entry->payload instanceof Disposal => $stock->throwAway($amount, $at),
            default => $stock->pour($amount, $at),
        };
    }
}
