<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Plan\Schedule\TimeLink;

/** When each step begins so that everything is done soonest: `calc plan`. */
final readonly class PlanModel implements Model
{
    private const HANDS = 'hands';

    public function calculate(Json $input): array
    {
        $in = $input->object(['resources', 'steps', 'links']);
        $resources = [];
        foreach ($in['resources']->list() as $place) {
            $resource = $place->text();
            $resources[] = in_array($resource, $resources, true) ? throw $place->bad('is there twice') : $resource;
        }
        $ids = [];
        $activities = [];
        foreach ($in['steps']->list() as $place) {
            $activity = self::activity($place, $resources);
            if (isset($ids["s$activity->id"])) {
                throw $place->bad('is a second step of this id');
            }
            $ids["s$activity->id"] = true;
            $activities[] = $activity;
        }
        $links = array_map(static fn (Json $place): TimeLink => self::link($place, $ids), $in['links']->list());
        $schedule = (new Scheduler())->plan($activities, $links, [self::HANDS]);

        return [
            'starts' => (object) $schedule->starts,
            'finish' => $schedule->finish,
            'handsFree' => $schedule->handsFree,
            'lowerBound' => $schedule->lowerBound,
            'proved' => $schedule->proved,
        ];
    }

    /** @param list<string> $resources */
    private static function activity(Json $place, array $resources): Activity
    {
        $in = $place->object(['id', 'minutes', 'needs']);
        $needs = [];
        foreach ($in['needs']->list() as $need) {
            $resource = $need->text();
            if (!in_array($resource, $resources, true)) {
                throw $need->bad('is no resource');
            }
            $needs[] = in_array($resource, $needs, true) ? throw $need->bad('is there twice') : $resource;
        }

        return new Activity($in['id']->text(), $in['minutes']->number(0), $needs);
    }

    /** @param array<string, true> $ids */
    private static function link(Json $place, array $ids): TimeLink
    {
        $in = $place->object(['from', 'to', 'minLag', 'maxLag']);
        foreach (['from', 'to'] as $end) {
            if (!isset($ids['s'.$in[$end]->text()])) {
                throw $in[$end]->bad('is no step');
            }
        }

        return new TimeLink(
            $in['from']->text(),
            $in['to']->text(),
            $in['minLag']->number(0),
            null === $in['maxLag']->raw() ? null : $in['maxLag']->number(0),
        );
    }
}
