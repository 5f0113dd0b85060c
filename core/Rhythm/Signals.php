<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Logbook\MachineHistory;

/** Finds what makes a care task due today whatever its clocks say. */
final class Signals
{
    private const SLACK = 1e-9;

    /**
     * @param \Closure(string): string $symptomName names a symptom by its id
     * @param float $slowFrom share by which it must have become slower than clean
     *
     * @return list<Signal>
     */
    public static function of(CareTask $task, MachineHistory $history, \Closure $symptomName, float $slowFrom = INF): array
    {
        $past = $history->task($task->id);
        $signals = [];
        $lit = null === $task->light ? null : $history->lights[$task->light] ?? null;
        if (null !== $lit && !in_array($task->light, $past->answered, true)) {
            $signals[] = new Signal(Signal::LIGHT, (string) $task->light);
        }
        foreach ($past->symptoms as $symptom) {
            if (!$symptom->opened) {
                $signals[] = new Signal(Signal::SYMPTOM, $symptomName($symptom->symptom));
            }
        }
        $slowed = $history->slow[$task->id] ?? 0.0;
        if ($slowed >= $slowFrom - self::SLACK) {
            $signals[] = new Signal(Signal::SLOW, (string) round($slowed * 100));
        }
        if ([] === $signals && $task->first && $past->isEmpty()) {
            $signals[] = new Signal(Signal::NEVER_OPENED, $task->id);
        }

        return $signals;
    }
}
