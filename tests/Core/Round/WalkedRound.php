<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;

/** Rounds of a dishwasher, walked step by step. */
trait WalkedRound
{
    private const TWIST = ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'three'];

    /** @param array<string, string> $traits */
    private static function procedure(string $id = 'filter-clean', array $traits = self::TWIST): Procedure
    {
        return self::fitted('dishwasher', $id, $traits);
    }

    /** @param array<string, string|null> $done answers by step, in order */
    private static function progress(array $done, string $overruled = ''): Progress
    {
        $ticks = [];
        foreach ($done as $step => $answer) {
            $ticks[] = new Tick("t$step", $step, new \DateTimeImmutable('2026-05-01T10:00:00Z'), $answer, $overruled === $step);
        }

        return new Progress(self::procedure(), $ticks);
    }
}
