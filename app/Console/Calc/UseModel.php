<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Usage\UseRecord;
use GoodRinse\Core\Usage\UseTimeline;

/** How much a machine was used: `calc use`. */
final readonly class UseModel implements Model
{
    public function __construct(private Handbook $handbook)
    {
    }

    public function calculate(Json $input): array
    {
        $in = $input->object(['now', 'since', 'habit', 'most', 'taps', 'told', 'meters', 'away']);
        $now = $in['now']->number();
        $since = $in['since']->number();
        if ($since > $now) {
            throw $in['since']->bad('must not lie after now');
        }
        $meters = [];
        foreach ($in['meters']->list() as $meter) {
            [$id, $readings] = $this->meter($meter);
            if (isset($meters["m$id"])) {
                throw $meter->bad('is a second meter of this id');
            }
            $meters["m$id"] = $readings; // a key of digits alone would become a number
        }
        $record = new UseRecord(
            array_map($this->tap(...), $in['taps']->list()),
            array_map($this->period(...), $in['told']->list()),
            $meters,
            array_map($this->span(...), $in['away']->list()),
        );
        $line = UseTimeline::of($record, $now, $in['habit']->number(0), $in['most']->positive(), $this->handbook->rhythmModel());

        return [
            'rate' => $line->rate(),
            'watchedDays' => $line->watchedDays(),
            'counted' => $line->counted($since, $now),
            'estimated' => $line->estimated($since, $now),
            'held' => array_map(static fn (array $held): array => [substr($held[0], 1), $held[1]], $line->held),
        ];
    }

    /** @return array{float, float} */
    private function tap(Json $place): array
    {
        $in = $place->object(['t', 'n']);

        return [$in['t']->number(), $in['n']->number(0)];
    }

    /** @return array{float, float, float} */
    private function period(Json $place): array
    {
        $in = $place->object(['from', 'to', 'n']);

        return [...$this->order($place, $in['from']->number(), $in['to']->number()), $in['n']->number(0)];
    }

    /** @return array{float, float} */
    private function span(Json $place): array
    {
        $in = $place->object(['from', 'to']);

        return $this->order($place, $in['from']->number(), $in['to']->number());
    }

    /** @return array{float, float} */
    private function order(Json $place, float $from, float $to): array
    {
        return $from < $to ? [$from, $to] : throw $place->bad('must end after it begins');
    }

    /** @return array{string, list<array{float, float}>} */
    private function meter(Json $place): array
    {
        $in = $place->object(['id', 'readings']);
        $readings = $times = [];
        foreach ($in['readings']->list() as $reading) {
            $at = $reading->object(['t', 'total']);
            $time = $at['t']->number();
            if (in_array($time, $times, true)) {
                throw $reading->bad('is a second reading at one time');
            }
            $times[] = $time;
            $readings[] = [$time, $at['total']->number(0)];
        }

        return [$in['id']->text(), $readings];
    }
}
