<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Care\Measures\GreaseReader;
use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Models\Machine;
use App\Support\Scalar;
use App\View\Words\Dates;
use App\View\Words\HouseMeasures;
use App\View\Words\Numbers;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Measure\GreaseLoad;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Grease on a hood's filters by weight: how fast it gathers, and when it is due to be washed off. */
final readonly class GreasePage
{
    private const WASHES = 12;

    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private GreaseReader $grease,
        private CareReader $care,
    ) {
    }

    /** @param string|null $doubt what is odd about the weight that was sent */
    public function for(Machine $machine, Household $household, ?string $doubt): GreaseData
    {
        $now = $this->clock->now();
        $load = $this->grease->load($machine, $household->zone(), $now);
        $today = Day::at($now, $household->zone());

        return new GreaseData(
            $machine,
            $this->head($load),
            $this->sentences($load, $machine, $household, $today),
            array_map(static fn (array $wash): array => [
                Dates::day(Day::at($wash[0], $household->zone()), $today),
                self::grams($wash[1]),
                null === $wash[2] ? '' : self::rate($wash[2]),
            ], array_reverse(array_slice($load->washes, -self::WASHES))),
            HouseMeasures::field('g')->name,
            $doubt,
        );
    }

    private function head(GreaseLoad $load): string
    {
        $drips = $this->handbook->measureModel()->grease['dripsAt'];

        return match (true) {
            null !== $load->now && $load->now >= $drips => self::text('head_due', ['grams' => self::grams($load->now)]),
            null !== $load->now => self::text('head_now', ['grams' => self::grams($load->now)]),
            null !== $load->perHour => self::text('head_rate', ['rate' => self::rate($load->perHour)]),
            default => self::text('head'),
        };
    }

    /** @return list<string> */
    private function sentences(GreaseLoad $load, Machine $machine, Household $household, Day $today): array
    {
        $drips = $this->handbook->measureModel()->grease['dripsAt'];
        $sentences = [self::text(null === $load->tare ? 'no_tare' : 'tare', ['grams' => self::grams($load->tare ?? 0.0)])];
        $hours = $load->hoursToDrip($drips);
        if (null === $hours || null === $load->perHour || null === $load->band) {
            return [...$sentences, self::text(null === $load->tare ? 'how' : 'no_rate')];
        }
        $sentences[] = self::text(count($load->washes) > 2 ? 'rate_band' : 'rate', [
            'rate' => self::rate($load->perHour),
            'low' => self::rate($load->band[0]),
            'high' => self::rate($load->band[1]),
        ]);
        $care = $this->care->machine($machine, $household);
        $history = $care->history;
        $since = $care->usesSince($this->handbook->measureModel()->weighedTask);
        $left = max(0.0, $hours[1] - $since);
        $sentences[] = self::text($left > 0 && $history->rate > 0 ? 'next' : 'next_now', [
            'drips' => self::grams($drips),
            'hours' => Uses::number(round($hours[1])),
            'few' => Uses::number(round($hours[0])),
            'many' => Uses::number(round($hours[2])),
            'since' => Uses::number(round($since)),
            'day' => $history->rate > 0 && $today->reaches(ceil($left / $history->rate))
                ? Dates::day($today->plus((int) ceil($left / $history->rate)), $today)
                : '',
        ]);

        $due = ($care->tasks[$this->handbook->measureModel()->weighedTask] ?? null)?->rhythm()->dueOn;

        return null === $due ? $sentences : [...$sentences, self::text('seen', ['day' => Dates::day($due, $today)])];
    }

    private static function grams(float $grams): string
    {
        $in = HouseMeasures::field('g');

        return Uses::number(round($in->written($grams), $in->isKept() && $grams >= 10 ? 0 : 1))." $in->name";
    }

    private static function rate(float $grams): string
    {
        $in = HouseMeasures::field('g');
        $size = $in->isKept() ? $grams : $grams * $in->written(1000.0) / 1000;

        return Numbers::fixed($size, $size < 1 ? 2 : 1)." $in->name";
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("measures.grease.$key", $values));
    }
}
