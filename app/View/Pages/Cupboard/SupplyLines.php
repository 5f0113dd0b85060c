<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\Cupboard;
use App\Models\Household;
use App\Support\Scalar;
use App\View\Drawing\Container;
use App\View\Words\Amounts;
use App\View\Words\Dates;
use App\View\Words\FreshnessWords;
use App\View\Words\Money;
use App\View\Words\Uses;
use GoodRinse\Core\Cupboard\Buy;
use GoodRinse\Core\Cupboard\RunOut;
use GoodRinse\Core\Cupboard\Stock;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Chemistry\SupplyKind;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Says of a supply how much there is, how long that lasts, and what to buy. */
final readonly class SupplyLines
{
    /** Share of the level below which its doubt is not worth a word. */
    private const SURE = 0.02;
    /** Share of its doubt below which a level is none. */
    private const NONE = 0.5;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @param int $until day up to which its need is told, from today */
    public function line(Cupboard $cupboard, string $id, Household $household, int $until): SupplyLine
    {
        $stock = $cupboard->stocks[$id];
        $run = $cupboard->runsOut($id, $until);
        $buy = $cupboard->buy($id);
        $usual = $cupboard->packages[$id][0]->size;
        $kept = $cupboard->kept[$id] ?? null;
        [$unit, $size] = Amounts::measure($stock->supply->unit, $household->measures);

        return new SupplyLine(
            id: $id,
            anchor: 's-'.substr(hash('xxh64', $id), 0, 8),
            name: $cupboard->name($id),
            container: new Container($stock->supply->unit, $stock->isKnown() ? $stock->level / max($usual, $stock->level) : null),
            level: self::level($stock, $household),
            seen: null === $stock->seenAt
                ? ''
                : self::text('seen', ['when' => Dates::short(Day::at($stock->seenAt, $household->zone()), $cupboard->today)]),
            lasts: self::lasts($cupboard, $id, $run, $until),
            until: self::until($cupboard, $stock, $run),
            isShort: null !== $run && ($stock->isKnown() || null !== $buy),
            need: self::need($cupboard, $id, $household, $until),
            buy: null === $buy ? null : self::buy($buy, $cupboard->isUnsure($id), $stock->supply, $household),
            notes: $this->notes($stock, $cupboard, $id, $household),
            place: $cupboard->place($id),
            units: self::units($stock->supply, $household),
            unit: $unit,
            perUnit: $size,
            usual: round($usual / $size, 2),
            scale: max($usual, $stock->level),
            amount: round($stock->level, 1),
            beside: [null === $kept?->amount ? null : round($kept->amount / $size, 2), $kept?->every_days],
            isTool: SupplyKind::Tool === $stock->supply->kind,
            isOnList: null !== $buy,
            isOwn: SupplyKind::Own === $stock->supply->kind,
        );
    }

    /** "2 × 1 l, about € 3.50". */
    public static function buy(Buy $buy, bool $isUnsure, Supply $supply, Household $household): string
    {
        return self::text(($isUnsure ? 'buy_if_none' : 'buy').(null === $buy->price ? '' : '_for'), [
            'what' => self::packages($buy, $supply, $household),
            'price' => null === $buy->price ? '' : Money::paid($buy->price, $household),
        ]);
    }

    /** "2 × 1 l", "3 pieces". */
    public static function packages(Buy $buy, Supply $supply, Household $household): string
    {
        $size = self::amount($buy->package->size, $supply, $household);

        return match (true) {
            SupplyKind::Agent !== $supply->kind && 1.0 === $buy->package->size => self::amount($buy->count, $supply, $household),
            1 === $buy->count => $size,
            default => "$buy->count × $size",
        };
    }

    public static function amount(float $much, Supply $supply, Household $household): string
    {
        return Amounts::of(Portion::of(max(0.0, $much), $supply->unit), $household->measures);
    }

    private static function level(Stock $stock, Household $household): string
    {
        $amount = self::amount($stock->level, $stock->supply, $household);

        return match (true) {
            !$stock->isKnown() => self::text('unknown'),
            $stock->level < self::NONE * max($stock->doubt(), 1.0) => self::text('none_left'),
            $stock->doubt() < self::SURE * max($stock->level, 1.0) => $amount,
            default => self::text('level_about', ['amount' => $amount, 'doubt' => self::amount(
                $stock->doubt(),
                $stock->supply,
                $household,
            )]),
        };
    }

    private static function lasts(Cupboard $cupboard, string $id, ?RunOut $run, int $until): string
    {
        $supply = $cupboard->stocks[$id]->supply;
        if (null === $run) {
            return self::text($cupboard->forecast($id)->need($until) > 0 ? 'lasts' : 'lasts_unneeded');
        }
        $short = fn (int $day): string => Dates::short($cupboard->today->plus($day), $cupboard->today);
        $key = match (true) {
            SupplyKind::Tool === $supply->kind => 'tool_missing',
            !$cupboard->stocks[$id]->isKnown() => 'needed_for',
            default => 'runs_out',
        };

        $sentence = Scalar::text(trans_choice("places/cupboard.$key", $run->jobs, [
            'day' => $short($run->day),
            'job' => Str::lcfirst($run->job),
            'count' => Uses::small($run->jobs),
        ]));

        return $run->soonest === $run->day || !$cupboard->stocks[$id]->isKnown()
            ? $sentence : $sentence.' '.self::text('soonest', ['day' => $short($run->soonest)]);
    }

    private static function until(Cupboard $cupboard, Stock $stock, ?RunOut $run): string
    {
        return match (true) {
            !$stock->isKnown() => self::text('until_unknown'),
            null === $run => self::text('until_lasts'),
            default => self::text('until', ['day' => Dates::short($cupboard->today->plus($run->day), $cupboard->today)]),
        };
    }

    private static function need(Cupboard $cupboard, string $id, Household $household, int $until): string
    {
        $supply = $cupboard->stocks[$id]->supply;
        [$least, $need, $most] = $cupboard->forecast($id)->band($until);
        if ($need <= 0.0 || SupplyKind::Tool === $supply->kind) {
            return '';
        }
        $amount = static fn (float $much): string => self::amount($much, $supply, $household);

        return $amount($least) === $amount($most) ? self::text('need', ['amount' => $amount($need)]) : self::text('need_band', [
            'amount' => $amount($need),
            'least' => $amount($least),
            'most' => $amount($most),
        ]);
    }

    /** @return list<string> */
    private function notes(Stock $stock, Cupboard $cupboard, string $id, Household $household): array
    {
        $need = $cupboard->needs[$id] ?? null;
        $fresh = $stock->freshness($this->clock->now());

        return array_values(array_filter([
            null === $need ? null : self::text("part.$need->stage").(null === $need->number
                ? '' : ' '.self::text('number', ['number' => $need->number])),
            null === $fresh ? null : FreshnessWords::sentence($fresh, $cupboard->today, $household),
            $stock->supply->needsAir ? self::text('air') : null,
            $stock->supply->needsDry ? self::text('dry') : null,
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
