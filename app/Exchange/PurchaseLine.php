<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Machine;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Quantity\Day;

/** A line of a table of purchases, or of what is left. */
final readonly class PurchaseLine
{
    /**
     * @param int $number of the line in the table, from 1
     * @param string $id ULID of the entry that it becomes: the one it came from, or one that follows from what the line says
     * @param string $name of the supply
     * @param Machine|null $machine that a part goes into
     */
    public function __construct(
        public int $number,
        public string $id,
        public Day $day,
        public string $name,
        public Purchase|StockLook $payload,
        public ?Machine $machine,
    ) {
    }

    /** "2 × 1000 ml", "300 ml left". */
    public function amount(): string
    {
        return $this->payload instanceof Purchase
            ? "{$this->payload->count} × {$this->payload->package->count} {$this->payload->package->unit->value}"
            : (string) __('exchange.purchases.left', [
                'amount' => "{$this->payload->left->count} {$this->payload->left->unit->value}",
            ]);
    }

    public function price(): ?float
    {
        return $this->payload instanceof Purchase ? $this->payload->price : null;
    }

    public function shop(): ?string
    {
        return $this->payload instanceof Purchase ? $this->payload->shop : null;
    }
}
