<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Care\Cupboard\FreshnessReader;
use App\Models\Household;
use App\Support\Scalar;
use GoodRinse\Core\Cupboard\Freshness;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Says how old a supply is, and what that has done to it. */
final readonly class FreshnessWords
{
    /** Share of its strength from which on it counts as fresh. */
    private const FRESH = 0.95;

    public function __construct(private FreshnessReader $reader, private ClockInterface $clock)
    {
    }

    /**
     * @param list<string> $agents that are about to be poured
     *
     * @return array<string, string> by agent; nothing of what is fresh
     */
    public function warnings(Household $household, array $agents): array
    {
        $today = Day::at($this->clock->now(), $household->zone());

        return array_filter(array_map(
            static fn (Freshness $fresh): string => $fresh->isPast || $fresh->strength < self::FRESH
                ? (string) self::sentence($fresh, $today, $household) : '',
            $this->reader->of($household, $agents),
        ));
    }

    /** Null where age has done nothing, and never will. */
    public static function sentence(Freshness $fresh, Day $today, Household $household): ?string
    {
        $bought = Dates::short(Day::at($fresh->boughtAt, $household->zone()), $today);

        return match (true) {
            $fresh->isPast => self::text('too_old', ['bought' => $bought]),
            $fresh->strength < self::FRESH => self::text('faded', [
                'bought' => $bought,
                'percent' => (string) (int) (round($fresh->strength * 20) * 5),
            ]),
            null !== $fresh->until => self::text('keeps', ['day' => Dates::short(Day::at($fresh->until, $household->zone()), $today)]),
            default => null,
        };
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values): string
    {
        return Scalar::text(__("places/cupboard.$key", $values));
    }
}
