<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\Household;
use App\Support\DerivedUlid;

/** Reads what a household has to buy. */
final readonly class ShoppingListReader
{
    public function __construct(private CupboardReader $reader)
    {
    }

    /** @return array{Cupboard, list<ShoppingLine>} the soonest needed first; what nobody has looked at last */
    public function of(Household $household): array
    {
        $cupboard = $this->reader->of($household);

        return [$cupboard, self::lines($cupboard, $household)];
    }

    /** @return list<ShoppingLine> */
    public static function lines(Cupboard $cupboard, Household $household): array
    {
        $lines = [];
        foreach (array_keys($cupboard->stocks) as $id) {
            $buy = $cupboard->buy($id);
            if (null !== $buy) {
                $turn = $cupboard->turns[$id] ?? 0;
                $lines[] = new ShoppingLine(
                    $id,
                    DerivedUlid::of($household->id, "buy $id $turn"),
                    $buy,
                    $cupboard->runsOut($id),
                    $cupboard->isUnsure($id),
                    ($cupboard->wishes[$id] ?? 0) > 0,
                );
            }
        }
        usort($lines, static fn (ShoppingLine $a, ShoppingLine $b): int => [$a->isUnsure, $a->run->day ?? 0, $cupboard->name($a->supply)]
            <=> [$b->isUnsure, $b->run->day ?? 0, $cupboard->name($b->supply)]);

        return $lines;
    }
}
