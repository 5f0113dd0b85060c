<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

/** A line of the shopping list, in words and with what its form sends. */
final readonly class ShoppingItem
{
    /**
     * @param string $supply id
     * @param string $tick id of the purchase that takes it off the list
     * @param string $what "2 × 1 l"
     * @param string $price of all of it, as it was paid last; empty where nobody knows
     * @param list<string> $notes why it is on the list, and the order number of a part
     * @param float $size of one package, in the measure
     * @param string $unit id of the measure
     */
    public function __construct(
        public string $supply,
        public string $tick,
        public string $name,
        public string $what,
        public string $price,
        public array $notes,
        public float $size,
        public string $unit,
        public int $count,
        public bool $isUnsure,
        public bool $isWished,
    ) {
    }
}
