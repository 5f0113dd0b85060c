<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;

/** A spray-arm round, walked to a step. */
trait ArmsRound
{
    private const TRAITS = ['filter' => 'twist-out', 'arms' => 'two', 'heater' => 'hidden'];

    private static function arms(): Procedure
    {
        return self::fitted('dishwasher', 'spray-arms', self::TRAITS);
    }

    /** @param array<string, string> $how what became of steps other than done, by id */
    private static function until(Procedure $procedure, string $last, array $how = [], ?TickDetails $details = null): Progress
    {
        $ticks = [];
        foreach ($procedure->steps as $step) {
            $ticks[] = new Tick(
                "t$step->id",
                $step->id,
                new \DateTimeImmutable('@0'),
                $step->capture->options[0]->id ?? null,
                how: $how[$step->id] ?? Tick::DONE,
                details: $step->id === $last && null !== $details ? $details : new TickDetails(),
            );
            if ($step->id === $last) {
                break;
            }
        }

        return new Progress($procedure, $ticks);
    }
}
