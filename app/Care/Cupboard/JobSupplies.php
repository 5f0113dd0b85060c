<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

/** What a job on one machine takes from the cupboard, with what is expected to be found. */
final readonly class JobSupplies
{
    /**
     * @param array<string, array<string, float>> $poured amounts by agent and unit: "ml", "g" or "pieces"
     * @param array<string, int> $fitted how many of each part go in
     * @param list<string> $tools ids of the kit
     * @param int $runs how often the machine runs
     * @param float $minutes of hands
     */
    public function __construct(
        public array $poured = [],
        public array $fitted = [],
        public array $tools = [],
        public int $runs = 0,
        public float $minutes = 0.0,
    ) {
    }
}
