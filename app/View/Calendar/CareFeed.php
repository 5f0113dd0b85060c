<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Care\Cupboard\ShoppingListReader;
use App\Care\Cupboard\StockFingerprint;
use App\Care\Readers\CareReader;
use App\Care\Readers\RunningWaits;
use App\Care\Sessions\AheadReader;
use App\Care\Sessions\SessionWish;
use App\Models\Household;
use App\Models\Round;
use App\Support\Scalar;
use App\View\Pages\Cupboard\SupplyLines;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\RunningTimer;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** A household's calendar as text, kept until something in it changes. */
final readonly class CareFeed
{
    public function __construct(
        private CareReader $care,
        private RunningWaits $waits,
        private CareCalendar $calendar,
        private Repository $cache,
        private ClockInterface $clock,
        private HouseMeasures $measures,
        private AheadReader $ahead,
        private ShoppingListReader $list,
        private StockFingerprint $stock,
    ) {
    }

    /** @return array{string, string} the calendar and its entity tag */
    public function of(Household $household): array
    {
        $waits = $this->waits->of($household);
        $going = array_map(static fn (array $wait): string => self::stamp(...$wait), $waits);
        $stamp = hash(
            'xxh128',
            implode("\n", [
                ...$this->care->stamps($household),
                ...$going,
                $this->stock->of($household),
                $household->name,
                $household->calendar_kind,
                (string) $household->digest_hour,
                json_encode($household->session_rule, JSON_THROW_ON_ERROR),
                $household->measures->value,
                config()->string('app.url'),
            ]),
        );
        $key = "calendar.$household->id";
        $kept = $this->cache->get($key);
        if (is_array($kept) && is_string($kept['text'] ?? null) && $stamp === ($kept['stamp'] ?? null)) {
            return [$kept['text'], $stamp];
        }
        $today = Day::at($this->clock->now(), $household->zone());
        $wish = SessionWish::kept($household);
        $text = $this->measures->during(
            $household->measures,
            fn (): string => $this->calendar->write(
                $household,
                $this->care->household($household),
                $today,
                $waits,
                null === $wish ? null : $this->ahead->read($household, $wish),
                $this->toBuy($household),
                self::written($household),
            )->serialize(),
        );
        $this->cache->forever($key, ['stamp' => $stamp, 'text' => $text]);

        return [$text, $stamp];
    }

    /** @return array<string, \DateTimeImmutable> when the newest line about each machine was written, and of all under "" */
    private static function written(Household $household): array
    {
        $written = [];
        foreach (DB::table('entries')->where('household_id', $household->id)->groupBy('machine_id')
            ->selectRaw('machine_id, max(recorded_at) as at')->get() as $row) {
            $at = new \DateTimeImmutable(Scalar::text($row->at).' UTC');
            $written[Scalar::text($row->machine_id)] = $at;
            $written[''] = max($written[''] ?? $at, $at);
        }

        return $written;
    }

    /** @return array<string, array{string, Day|null}> what is surely to be bought, by the id of its purchase */
    private function toBuy(Household $household): array
    {
        [$cupboard, $lines] = $this->list->of($household);
        $toBuy = [];
        foreach ($lines as $line) {
            if (!$line->isUnsure) {
                $toBuy[$line->tick] = [(string) __('places/cupboard.list.buy_todo', [
                    'supply' => $cupboard->name($line->supply),
                    'what' => SupplyLines::packages($line->buy, $cupboard->stocks[$line->supply]->supply, $household),
                ]), null === $line->run ? null : $cupboard->today->plus($line->run->day)];
            }
        }

        return $toBuy;
    }

    private static function stamp(Round $round, RunningTimer $timer): string
    {
        return "$round->id $timer->step {$timer->endsAt()->getTimestamp()}";
    }
}
