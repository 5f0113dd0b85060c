<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\HouseholdSupply;
use GoodRinse\Core\Cupboard\Demand;
use GoodRinse\Core\Cupboard\Stock;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Quantity\Portion;

/** What a household uses of a supply beside the jobs, by its own word: nobody writes that down each time. */
final readonly class OwnUse
{
    /** Order of what nobody wrote down: after everything of the same moment. */
    private const LAST = PHP_INT_MAX;

    /** @param array<string, HouseholdSupply> $kept by supply */
    public static function isAny(array $kept): bool
    {
        return [] !== array_filter($kept, static fn (HouseholdSupply $each): bool => null !== $each->every_days);
    }

    /**
     * @param array<string, HouseholdSupply> $kept by supply
     * @param array<string, Stock> $stocks by supply
     *
     * @return list<Entry> one for each time since somebody last looked, or first bought it
     */
    public function since(array $kept, array $stocks, \DateTimeImmutable $now): array
    {
        $entries = [];
        foreach ($kept as $id => $each) {
            $seen = ($stocks[$id] ?? null)?->seenAt;
            if (null === $seen || null === $each->amount || null === $each->every_days || $each->every_days < 1) {
                continue;
            }
            $unit = $stocks[$id]->supply->unit;
            for ($at = $seen->modify("+$each->every_days days"), $n = 1; $at <= $now; $at = $at->modify("+$each->every_days days"), ++$n) {
                $entries[] = new Entry("$id $n", self::LAST, $at, new Dose($id, '', Portion::of($each->amount, $unit)));
            }
        }

        return $entries;
    }

    /**
     * @param array<string, HouseholdSupply> $kept by supply
     * @param array<string, list<Demand>> $demands of the jobs, by supply
     *
     * @return array<string, list<Demand>> with what is used beside them, each list by day
     */
    public static function ahead(array $kept, array $demands, int $until): array
    {
        foreach ($kept as $id => $each) {
            for ($day = $each->every_days ?? 0; $day > 0 && null !== $each->amount && $day <= $until; $day += (int) $each->every_days) {
                $demands[$id][] = new Demand($id, $each->amount, $day, $day, $day, (string) __('places/cupboard.beside'));
            }
            if (isset($demands[$id])) {
                usort($demands[$id], static fn (Demand $a, Demand $b): int => [$a->day, $a->job] <=> [$b->day, $b->job]);
            }
        }

        return $demands;
    }
}
