<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use GoodRinse\Core\Cupboard\Buy;
use GoodRinse\Core\Cupboard\RunOut;

/** Something to buy. */
final readonly class ShoppingLine
{
    /**
     * @param string $supply id
     * @param string $tick ULID of the purchase that takes it off the list, the same on every phone
     * @param RunOut|null $run what it is short for; null where somebody only wants it, or a part waits for it
     * @param bool $isUnsure whether nobody has said yet how much of it there is
     * @param bool $isWished whether somebody put it on the list
     */
    public function __construct(
        public string $supply,
        public string $tick,
        public Buy $buy,
        public ?RunOut $run,
        public bool $isUnsure,
        public bool $isWished,
    ) {
    }
}
