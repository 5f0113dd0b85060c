<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\Cupboard;
use App\Care\Cupboard\CupboardReader;
use App\Models\Household;
use App\Support\Scalar;
use App\View\Words\Uses;
use GoodRinse\Core\Quantity\Portion;

/** The cupboard: what there is and where, how long it lasts, and what is to be bought. */
final readonly class CupboardPage
{
    /** Months that it can look ahead, with the days they come to; the second is the usual. */
    public const MONTHS = [3 => 91, 6 => 182, 12 => 365];
    public const USUAL = 6;

    public function __construct(private CupboardReader $reader, private SupplyLines $lines, private ShelfPlaces $places)
    {
    }

    /** @param int $months one of MONTHS */
    public function for(Household $household, int $months = self::USUAL): CupboardData
    {
        $cupboard = $this->reader->of($household);
        $until = self::MONTHS[$months];
        $groups = array_fill_keys(['short', 'to_look', 'lasting', 'tools'], []);
        $kept = $more = [];
        $listed = 0;
        foreach (array_keys($cupboard->stocks) as $id) {
            if (!$cupboard->concerns($id)) {
                $more[$id] = $cupboard->name($id);
                continue;
            }
            $line = $this->lines->line($cupboard, $id, $household, $until);
            $listed += $line->isOnList && !$cupboard->isUnsure($id) ? 1 : 0;
            $groups[self::group($cupboard, $id, $line)][] = [$cupboard->runsOut($id)->day ?? PHP_INT_MAX, $line->name, $line];
            $kept[$id] = $line;
        }
        asort($more);
        foreach ($groups as &$group) {
            sort($group);
        }
        unset($group);
        $places = array_values(array_unique(array_filter(array_map(static fn (SupplyLine $line): string => $line->place, $kept))));

        return new CupboardData(
            household: $household,
            today: $cupboard->today,
            head: self::head($groups, $months),
            lead: self::text([] === $kept ? 'lead_none' : 'lead'),
            months: $months,
            choices: array_keys(self::MONTHS),
            listed: $listed,
            places: $this->places->of($cupboard, $kept),
            groups: array_filter(array_map(static fn (array $group): array => array_column($group, 2), $groups)),
            more: $more,
            units: array_map(
                static fn (string $id): string => Scalar::text(__("units.portions.$id")),
                array_combine(array_keys(Portion::measures($household->measures)), array_keys(Portion::measures($household->measures))),
            ),
            placeNames: $places,
        );
    }

    private static function group(Cupboard $cupboard, string $id, SupplyLine $line): string
    {
        return match (true) {
            $line->isTool => 'tools',
            $cupboard->isUnsure($id) && null !== $cupboard->runsOut($id) => 'to_look',
            $line->isShort || $line->isOnList => 'short',
            default => 'lasting',
        };
    }

    /** @param array<string, list<mixed>> $groups */
    private static function head(array $groups, int $months): string
    {
        $short = count($groups['short']);

        return match (true) {
            $short > 0 || [] !== $groups['lasting'] => Scalar::text(trans_choice('places/cupboard.head', $short, [
                'count' => Uses::small($short),
                'months' => self::months($months),
            ])),
            [] !== $groups['to_look'] => self::text('head_unknown'),
            default => self::text('head_none'),
        };
    }

    /** "three months", "half a year", "year". */
    public static function months(int $months): string
    {
        return self::text("months.$months");
    }

    private static function text(string $key): string
    {
        return Scalar::text(__("places/cupboard.$key"));
    }
}
