<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\Cupboard;
use App\Support\Scalar;
use GoodRinse\Core\Cupboard\Shelves;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Chemistry\SupplyKind;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\PortionUnit;

/** Sets what is there on shelves, place by place, so that nothing dangerous together stands side by side. */
final readonly class ShelfPlaces
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * @param array<string, SupplyLine> $lines of what is kept, by supply
     *
     * @return list<ShelfPlace> the kitchen first
     */
    public function of(Cupboard $cupboard, array $lines): array
    {
        $byPlace = [];
        foreach ($lines as $id => $line) {
            if (!$line->isTool) {
                $byPlace[$line->place][] = $id;
            }
        }
        ksort($byPlace);
        $places = [];
        foreach ($byPlace as $place => $ids) {
            $places[] = $this->place((string) $place, $ids, $cupboard, $lines);
        }

        return $places;
    }

    /**
     * @param non-empty-list<string> $ids
     * @param array<string, SupplyLine> $lines
     */
    private function place(string $place, array $ids, Cupboard $cupboard, array $lines): ShelfPlace
    {
        $rules = $this->handbook->chemistry();
        $agents = array_values(array_filter($ids, static fn (string $id): bool => $rules->hasAgent($id)));
        $others = array_values(array_diff($ids, $agents));
        $boards = (new Shelves($rules))->of($agents);
        $shelves = [];
        foreach ([...$boards, ...([] === $others ? [] : [$others])] as $board) {
            $shelves[] = [
                self::label($board, $agents, $rules),
                array_map(static fn (string $id): SupplyLine => $lines[$id], $board),
            ];
        }
        $isLiquid = array_filter($ids, static fn (string $id): bool => PortionUnit::Millilitres === $cupboard->stocks[$id]->supply->unit
            && SupplyKind::Agent === $cupboard->stocks[$id]->supply->kind);

        return new ShelfPlace(
            '' === $place ? self::text('kitchen') : $place,
            $shelves,
            [] === $isLiquid ? [] : [self::text('own_bottle')],
        );
    }

    /**
     * @param list<string> $board what stands on it
     * @param list<string> $agents all of that place
     */
    private static function label(array $board, array $agents, ChemistryRules $rules): string
    {
        $isHarsh = static fn (string $id): bool => $rules->agent($id)->harsh;
        $apart = array_values(array_filter($agents, static fn (string $other): bool => !in_array($other, $board, true)
            && [] !== array_filter($board, static fn (string $id): bool => $rules->isDanger($id, $other))));
        $high = [] !== array_filter($board, $isHarsh);

        return match (true) {
            [] === $apart => $high ? self::text('high') : '',
            default => ($high ? self::text('high').' ' : '').self::text('apart', [
                'others' => implode(', ', array_map(static fn (string $id): string => $rules->agent($id)->name, $apart)),
            ]),
        };
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("places/cupboard.$key", $values));
    }
}
