<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\HistoryBuilder;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\UseEntries;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Rhythm\CareSettings;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Rhythm\TaskClocks;
use GoodRinse\Core\Usage\UseTimeline;

/** Histories of the handbook's machines, and the clocks they move. */
trait ClockedHistory
{
    private const DISHWASHER = ['loadsPerWeek' => 7.0, 'plates' => 'scrape'];

    /** @param list<array{string, Payload}> $said */
    private static function history(array $said, string $asOf): MachineHistory
    {
        $utc = new \DateTimeZone('UTC');
        $entries = EffectiveEntries::among(array_map(
            static fn (array $each, int $i): Entry => new Entry("e$i", $i, new \DateTimeImmutable($each[0], $utc), $each[1]),
            $said,
            array_keys($said),
        ));
        $now = new \DateTimeImmutable("$asOf 12:00", $utc);
        $absences = HistoryBuilder::absences($entries, $now);

        $days = new LocalDays($utc);
        $use = UseTimeline::of((new UseEntries($days))->record($entries, $now), $days->of($now), 1.0, 6.0, self::handbook()->rhythmModel());

        return (new HistoryBuilder($days, self::handbook()->scales()->worst()))->build(
            $entries,
            $use,
            $now,
            new \DateTimeImmutable('2026-01-01', $utc),
            $absences,
        );
    }

    /** @return list<Clock> */
    private static function clocks(string $kind, string $task, CareSettings $said, MachineHistory $history, string $asOf): array
    {
        $kind = self::handbook()->kind($kind);

        return (new TaskClocks(self::handbook()->doseModel()))->for($kind, $kind->task($task), $said, $history, Day::of($asOf));
    }

    private static function rhythm(string $task, MachineHistory $history, string $asOf): Rhythm
    {
        return (new RhythmEngine(self::handbook()->rhythmModel()))->assess(
            self::clocks('dishwasher', $task, new CareSettings(self::DISHWASHER), $history, $asOf),
            Day::of($asOf),
            [],
            null,
            $history->absences,
        );
    }
}
