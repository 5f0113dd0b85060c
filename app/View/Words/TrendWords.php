<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Support\Scalar;
use GoodRinse\Core\Measure\Series;
use GoodRinse\Core\Quantity\Day;

/** Says how a series goes, against what is usual on that machine. */
final readonly class TrendWords
{
    /** From so many times what is usual on, it is said as a multiple. */
    private const MULTIPLE = 1.8;
    private const PERCENT = '%';
    private const MINUTES = 'min';

    /** A figure with its unit, in the household's measures. */
    public function figure(Series $series, float $value): string
    {
        $unit = self::MINUTES === $series->unit ? '' : self::unit($series, HouseMeasures::field($series->unit)->name);

        return trim($this->number($series, $value)." $unit");
    }

    /** A figure without its unit. */
    public function number(Series $series, float $value): string
    {
        if (self::MINUTES === $series->unit) {
            return Uses::clock($value);
        }
        $in = HouseMeasures::field('' === $series->unit ? null : $series->unit);
        $size = $in->isKept() ? $value : $value * $in->written(1000.0) / 1000;
        $digits = match (true) {
            self::PERCENT === $series->unit, $size >= 20 => 0,
            $size < 1 => 2,
            default => 1,
        };

        return Numbers::upTo($size, $digits);
    }

    /** How the newest figures compare with what is usual, as a sentence. */
    public function compared(Series $series, Day $today, \DateTimeZone $zone): string
    {
        $band = $series->band();
        $since = $series->unusualSince();
        if (null === $band) {
            return trans_choice('measures.trend.too_few', count($series->points), ['count' => (string) count($series->points)]);
        }
        $usual = [
            'low' => self::MINUTES === $series->unit ? rtrim(Uses::clock($band->low), ' min') : $this->number($series, $band->low),
            'high' => $this->figure($series, $band->high),
        ];
        if (null === $since || null === $band->times) {
            return self::text($band->low === $band->high ? 'usual_same' : 'usual', $usual);
        }

        return self::text($this->key($band->times), $usual + [
            'times' => Uses::number(round($band->times, 1)),
            'percent' => (string) (int) round(abs($band->times - 1) * 100),
            'since' => Dates::day(Day::at($since, $zone), $today),
        ]);
    }

    /**
     * The sentence a page of series begins with.
     *
     * @param list<Series> $all
     */
    public function head(array $all, Day $today, \DateTimeZone $zone): string
    {
        $far = null;
        foreach ($all as $series) {
            $times = null === $series->unusualSince() ? null : $series->band()?->times;
            $off = null === $times ? 0.0 : abs(log(max($times, 0.01)));
            if ($off > 0 && (null === $far || $off > $far[0])) {
                $far = [$off, $series, $times];
            }
        }
        if (null === $far) {
            return self::text([] === $all ? 'head_none' : 'head_usual');
        }

        return self::text('head_'.$this->key((float) $far[2]), [
            'name' => $far[1]->name,
            'times' => Uses::number(round((float) $far[2], 1)),
            'percent' => (string) (int) round(abs((float) $far[2] - 1) * 100),
            'since' => Dates::day(Day::at($far[1]->unusualSince() ?? new \DateTimeImmutable(), $zone), $today),
        ]);
    }

    private function key(float $times): string
    {
        return match (true) {
            2.0 === round($times, 1) => 'twice',
            $times >= self::MULTIPLE => 'times',
            $times > 1 => 'more',
            default => 'less',
        };
    }

    private static function unit(Series $series, string $unit): string
    {
        $own = "measures.series_unit.$series->id";
        $words = __($own, ['unit' => $unit]);

        return is_string($words) && $words !== $own ? $words : $unit;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("measures.trend.$key", $values));
    }
}
