<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\Household;
use GoodRinse\Core\Cupboard\Freshness;
use GoodRinse\Core\Cupboard\StockLedger;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;
use Psr\Clock\ClockInterface;

/** Reads how old what is poured next has become. */
final readonly class FreshnessReader
{
    public function __construct(private Handbook $handbook, private ClockInterface $clock)
    {
    }

    /**
     * @param list<string> $agents
     *
     * @return array<string, Freshness> by agent; of those only that age does something to
     */
    public function of(Household $household, array $agents): array
    {
        $supplies = array_filter(
            array_intersect_key($this->handbook->chemistry()->supplies, array_flip($agents)),
            static fn (Supply $supply): bool => $supply->fades > 0.0 || null !== $supply->keeps || null !== $supply->opened,
        );
        if ([] === $supplies) {
            return [];
        }
        $ages = [];
        foreach ((new StockLedger($supplies))->of(StockEntries::of($household)->entries) as $agent => $stock) {
            $fresh = $stock->freshness($this->clock->now());
            if (null !== $fresh) {
                $ages[$agent] = $fresh;
            }
        }

        return $ages;
    }
}
