<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\View\Drawing\Container;

/** One supply on its shelf. */
final readonly class SupplyLine
{
    /**
     * @param string $level what is there, in words
     * @param string $seen when that was last seen
     * @param string $lasts when it runs out, or that it does not
     * @param string $need what the next half year takes; empty for nothing
     * @param string|null $buy what to buy; null for nothing
     * @param array<string, string> $units it can be given in, names by id
     * @param string $unit that it is counted in
     * @param float $usual the package it is mostly bought in, in its unit
     */
    public function __construct(
        public string $id,
        public string $name,
        public Container $container,
        public string $level,
        public string $seen,
        public string $lasts,
        public string $need,
        public ?string $buy,
        public array $units,
        public string $unit,
        public float $usual,
    ) {
    }
}
