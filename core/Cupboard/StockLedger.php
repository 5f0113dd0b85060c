<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;

/** Works out what is in the cupboard from what was bought, poured, thrown away and seen. */
final readonly class StockLedger
{
    /** @param array<string, Supply> $supplies by id */
    public function __construct(private array $supplies)
    {
    }

    /**
     * @param iterable<Entry> $entries in force, in any order; what is counted in a unit that does not go into the supply's own
     *     is left out
     *
     * @return array<string, Stock> of every supply, by id
     */
    public function of(iterable $entries): array
    {
        $sorted = [...$entries];
        usort($sorted, static fn (Entry $a, Entry $b): int => [$a->happenedAt, $a->order, $a->id] <=> [$b->happenedAt, $b->order, $b->id]);
        $stocks = array_map(static fn (Supply $supply): Stock => new Stock($supply), $this->supplies);
        foreach ($sorted as $entry) {
            $payload = $entry->payload;
            [$id, $portion] = match (true) {
                $payload instanceof Purchase => [$payload->supply, $payload->all()],
                $payload instanceof StockLook => [$payload->supply, $payload->left],
                $payload instanceof Disposal => [$payload->supply, $payload->gone],
                $payload instanceof Dose => [$payload->agent, $payload->portion],
                default => ['', null],
            };
            $amount = null === $portion ? null : ($this->supplies[$id] ?? null)?->inUnit($portion);
            if (null !== $amount) {
                $stocks[$id] = match (true) {
                    $payload instanceof Purchase => $stocks[$id]->buy($amount, $entry->happenedAt),
                    $payload instanceof StockLook => $stocks[$id]->look($amount, $entry->happenedAt),
                    $payload instanceof Disposal => $stocks[$id]->throwAway($amount),
                    default => $stocks[$id]->pour($amount),
                };
            }
        }

        return $stocks;
    }
}
