<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Models\Machine;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Own\OwnTask;
use GoodRinse\Core\Handbook\Own\OwnTasks;
use GoodRinse\Core\Quantity\Day;

/** Care tasks that a household may have written itself: always one for the kitchen, now and then one for a machine. */
final class RandomOwnTasks
{
    private const LINES = ['Wipe it', 'Shake the mat out. Mind the wet floor.', 'Rinse', 'Dry it', 'Put it back'];

    /** @param \Closure(int, int): int $number a whole number between the two */
    public static function of(MachineKind $kind, \Closure $number, Day $since): OwnTasks
    {
        $count = Machine::KITCHEN === $kind->id ? $number(1, 3) : max(0, $number(-3, 1));
        $tasks = [];
        for ($i = 0; $i < $count; ++$i) {
            $id = OwnTask::PREFIX."task-$i";
            $scale = ['grease', 'crust', null][$number(0, 2)];
            $tasks[$id] = new OwnTask(
                $id,
                "Task $i",
                null === $scale ? null : 'Mat',
                array_slice(self::LINES, 0, $number(1, 5)) ?: self::LINES,
                $number(1, 90),
                $number(2, 120),
                1 === $number(0, 2) ? $kind->useUnit : OwnTask::DAYS,
                $scale,
                1 === $number(0, 1) ? ['cloth'] : [],
                $since,
                $i > 0 && 1 === $number(0, 3),
            );
        }

        return new OwnTasks($tasks);
    }
}
