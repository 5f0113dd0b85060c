<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\View\Drawing\Container;

/** One supply: how much there is, how long it lasts, how old it is, and where it is kept. */
final readonly class SupplyLine
{
    /**
     * @param string $anchor id of its place on the page
     * @param string $level what is there, in words
     * @param string $seen when that was last seen
     * @param string $lasts when it runs out, or that it does not
     * @param string $until the same in two or three words, below its drawing
     * @param string $need what the months shown take; empty for nothing
     * @param string|null $buy what to buy; null for nothing
     * @param list<string> $notes how old it is, and how to keep it
     * @param string $place where it is kept; empty for the kitchen
     * @param array<string, string> $units it can be given in, names by id
     * @param string $unit id of the measure it is given in
     * @param float $perUnit how much of its own unit one of that is
     * @param float $usual the package it is mostly bought in, in that measure
     * @param float $scale amount up to which its level can be drawn, in its unit
     * @param float $amount level, in its unit
     * @param array{float|null, int|null} $beside what is used of it beside the jobs, and in how many days
     * @param bool $isTool whether it stays when it is used
     */
    public function __construct(
        public string $id,
        public string $anchor,
        public string $name,
        public Container $container,
        public string $level,
        public string $seen,
        public string $lasts,
        public string $until,
        public bool $isShort,
        public string $need,
        public ?string $buy,
        public array $notes,
        public string $place,
        public array $units,
        public string $unit,
        public float $perUnit,
        public float $usual,
        public float $scale,
        public float $amount,
        public array $beside,
        public bool $isTool,
        public bool $isOnList,
        public bool $isOwn,
    ) {
    }
}
