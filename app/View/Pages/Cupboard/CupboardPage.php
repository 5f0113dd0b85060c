<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\Cupboard;
use App\Care\Cupboard\CupboardReader;
use App\Models\Household;
use App\Support\Scalar;
use App\View\Drawing\Container;
use App\View\Words\Amounts;
use App\View\Words\Dates;
use App\View\Words\Money;
use App\View\Words\Uses;
use GoodRinse\Core\Cupboard\Buy;
use GoodRinse\Core\Cupboard\RunOut;
use GoodRinse\Core\Cupboard\Stock;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;

/** The cupboard: what there is, how long it lasts, and what to buy. */
final readonly class CupboardPage
{
    /** Share of the level below which its doubt is not worth a word. */
    private const SURE = 0.02;

    public function __construct(private CupboardReader $reader, private Handbook $handbook)
    {
    }

    public function for(Household $household): CupboardData
    {
        $cupboard = $this->reader->of($household);
        $short = $others = $unknown = $more = [];
        $cost = null;
        foreach (array_keys($cupboard->stocks) as $id) {
            if (!$cupboard->concerns($id)) {
                $more[$id] = $this->handbook->agent($id)->name;
                continue;
            }
            [$run, $buy] = [$cupboard->runsOut($id), $cupboard->buy($id)];
            $line = [$run->day ?? PHP_INT_MAX, $id, $this->line($cupboard, $id, $run, $buy, $household)];
            if (!$cupboard->stocks[$id]->isKnown()) {
                $unknown[] = $line;
            } elseif (null === $buy) {
                $others[] = $line;
            } else {
                $short[] = $line;
                $cost = null === $buy->price ? $cost : ($cost ?? 0.0) + $buy->price;
            }
        }
        sort($short);
        sort($unknown);
        asort($more);

        return new CupboardData(
            household: $household,
            today: $cupboard->today,
            head: match (true) {
                [] !== $short || [] !== $others => Scalar::text(trans_choice('places/cupboard.head', count($short), [
                    'count' => Uses::small(count($short)),
                ])),
                [] !== $unknown => self::text('head_unknown'),
                default => self::text('head_none'),
            },
            shelves: array_filter([
                'to_buy' => array_column($short, 2),
                'to_look' => array_column($unknown, 2),
                'lasting' => array_column($others, 2),
            ]),
            more: $more,
            units: array_map(
                static fn (string $id): string => Scalar::text(__("units.portions.$id")),
                array_combine(array_keys(Portion::measures($household->measures)), array_keys(Portion::measures($household->measures))),
            ),
            cost: null === $cost ? null : Money::paid($cost, $household),
        );
    }

    private function line(Cupboard $cupboard, string $id, ?RunOut $run, ?Buy $buy, Household $household): SupplyLine
    {
        $stock = $cupboard->stocks[$id];
        $need = $cupboard->need($id);
        $usual = $cupboard->packages[$id][0]->size;
        $amount = static fn (float $much): string => Amounts::of(
            Portion::of(max(0.0, $much), $stock->supply->unit),
            $household->measures,
        );

        return new SupplyLine(
            id: $id,
            name: $this->handbook->agent($id)->name,
            container: new Container($stock->supply->unit, $stock->isKnown() ? $stock->level / max($usual, $stock->level) : null),
            level: self::level($stock, $amount),
            seen: null === $stock->seenAt
                ? self::text('never_seen')
                : self::text('seen', ['when' => Dates::short(Day::at($stock->seenAt, $household->zone()), $cupboard->today)]),
            lasts: $this->lasts($cupboard, $run, $need),
            need: $need > 0 ? self::text('need', ['amount' => $amount($need)]) : '',
            buy: null === $buy ? null : self::text(($stock->isKnown() ? 'buy' : 'buy_if_none').(null === $buy->price ? '' : '_for'), [
                'count' => (string) $buy->count,
                'package' => $amount($buy->package->size),
                'price' => null === $buy->price ? '' : Money::paid($buy->price, $household),
            ]),
            units: self::units($stock->supply, $household),
            unit: $stock->supply->unit->value,
            usual: $usual,
        );
    }

    /** @param \Closure(float): string $amount */
    private static function level(Stock $stock, \Closure $amount): string
    {
        return match (true) {
            !$stock->isKnown() => self::text('unknown'),
            $stock->doubt() < self::SURE * max($stock->level, 1.0) => $amount($stock->level),
            default => self::text('level_about', ['amount' => $amount($stock->level), 'doubt' => $amount($stock->doubt())]),
        };
    }

    private function lasts(Cupboard $cupboard, ?RunOut $run, float $need): string
    {
        if (null === $run) {
            return self::text($need > 0 ? 'lasts' : 'lasts_unneeded');
        }

        return Scalar::text(trans_choice('places/cupboard.runs_out', $run->jobs, [
            'day' => Dates::short($cupboard->today->plus($run->day), $cupboard->today),
            'job' => mb_strtolower(mb_substr($run->job, 0, 1)).mb_substr($run->job, 1),
            'count' => Uses::small($run->jobs),
        ]));
    }

    /** @return array<string, string> */
    private static function units(Supply $supply, Household $household): array
    {
        $units = [];
        foreach (Portion::measures($household->measures) as $id => [$unit, $size]) {
            if (null !== $supply->inUnit(Portion::of($size, $unit))) {
                $units[$id] = Scalar::text(__("units.portions.$id"));
            }
        }

        return $units;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("places/cupboard.$key", $values));
    }
}
