<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Cupboard\Demand;
use GoodRinse\Core\Cupboard\Forecast;
use GoodRinse\Core\Cupboard\Package;
use GoodRinse\Core\Cupboard\Shopping;

/** What supplies are needed for, when they run out, and what to buy: `calc cupboard`. */
final readonly class CupboardModel implements Model
{
    public function calculate(Json $input): array
    {
        $in = $input->object(['supplies', 'demands', 'horizon']);
        $horizon = $in['horizon']->number(0);
        $supplies = [];
        foreach ($in['supplies']->list() as $place) {
            $fields = $place->object(['id', 'level', 'doubt', 'packages']);
            $id = $fields['id']->text();
            if (isset($supplies["s$id"])) {
                throw $fields['id']->bad('is there twice');
            }
            $supplies["s$id"] = [
                $id,
                $fields['level']->number(0),
                $fields['doubt']->number(0),
                array_map(self::package(...), $fields['packages']->list()),
            ];
        }
        $demands = [];
        foreach ($in['demands']->list() as $place) {
            $demand = self::demand($place);
            if (!isset($supplies["s$demand->supply"])) {
                throw $place->bad('is of no supply');
            }
            if ($demand->day <= $horizon) {
                $demands["s$demand->supply"][] = $demand;
            }
        }
        $out = [];
        $cost = 0.0;
        foreach ($supplies as $key => [$id, $level, $doubt, $packages]) {
            $forecast = new Forecast($demands[$key] ?? []);
            $run = $forecast->runsOut($level, $doubt);
            $buy = Shopping::of($forecast->need() - $level, $packages);
            $cost += $buy->price ?? 0.0;
            $out[] = [
                'id' => $id,
                'need' => $forecast->need(),
                'runsOut' => null === $run ? null : [
                    'day' => $run->day,
                    'soonest' => $run->soonest,
                    'latest' => $run->latest,
                    'job' => $run->job,
                    'enoughFor' => $run->jobs,
                ],
                'buy' => null === $buy ? null : ['size' => $buy->package->size, 'count' => $buy->count, 'price' => $buy->price],
            ];
        }

        return ['supplies' => $out, 'cost' => $cost];
    }

    private static function package(Json $place): Package
    {
        $fields = $place->object(['size', 'price']);

        return new Package($fields['size']->positive(), null === $fields['price']->raw() ? null : $fields['price']->number(0));
    }

    private static function demand(Json $place): Demand
    {
        $fields = $place->object(['supply', 'job', 'amount', 'day', 'soonest', 'latest']);
        [$day, $soonest, $latest] = array_map(
            static fn (string $name): int => (int) $fields[$name]->number(0),
            ['day', 'soonest', 'latest'],
        );
        if ($soonest > $day || $latest < $day) {
            throw $fields['day']->bad('must lie between the soonest and the latest');
        }

        return new Demand($fields['supply']->text(), $fields['amount']->positive(), $day, $soonest, $latest, $fields['job']->text());
    }
}
