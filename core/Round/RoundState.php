<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;

/**
 * How far a round is, as data that a browser draws and works out by itself when it is cut off. The browser's own
 * projector (resources/js/offline/projector.js) is held to the same answers by the files in tests/fixtures/projector.
 */
final class RoundState
{
    /**
     * What the browser needs of a script to work out the rest.
     *
     * @return list<array<string, mixed>> one for each step
     */
    public static function outline(Procedure $procedure): array
    {
        return array_map(static fn (Step $step): array => array_filter([
            'id' => $step->id,
            'if' => $step->if->sets,
            'capture' => $step->capture?->id,
            'also' => $step->capture?->also?->id,
            'pass' => CaptureKind::Confirm === $step->capture?->kind ? $step->capture->options[0]->id : null,
            'check' => $step->capture?->check,
            'must' => $step->mustPass,
            'gate' => $step->gate,
            'off' => $step->takesOff,
            'back' => $step->putsBack,
            'tests' => $step->tests,
            'touches' => null !== $step->takesOff || [] !== $step->amounts || $step->runsTheMachine(),
            'waits' => $step->waitsFor,
            'timer' => null === $step->timer
                ? null
                : ['label' => $step->timer->label, 'by' => $step->timer->by(), 'minutes' => $step->timer->minutes()],
        ], static fn (mixed $value): bool => null !== $value && [] !== $value && false !== $value), $procedure->steps);
    }

    /**
     * What the browser needs of a tick.
     *
     * @return array<string, mixed>
     */
    public static function tick(Tick $tick): array
    {
        return array_filter([
            'id' => $tick->id,
            'step' => $tick->step,
            'at' => $tick->at->getTimestamp(),
            'how' => $tick->how,
            'answer' => $tick->answer,
            'also' => $tick->details->also,
            'overruled' => $tick->overruled,
            'wait' => $tick->details->wait,
            'left' => $tick->details->leftOver,
        ], static fn (mixed $value): bool => null !== $value && [] !== $value && false !== $value);
    }

    /** @return array<string, mixed> done and left-out steps, answers, what is off, running waits, open ends */
    public static function of(Progress $progress): array
    {
        $tray = $progress->apart();
        $steps = $progress->steps();

        return [
            'steps' => self::ids($steps),
            'done' => self::ids(
                array_filter($steps, static fn (Step $step): bool => $progress->isDone($step) && !$progress->isSkipped($step)),
            ),
            'skipped' => self::ids(array_filter($steps, $progress->isSkipped(...))),
            'current' => $progress->current()?->id,
            'failed' => null === $progress->failed() ? null : $progress->current()?->id,
            'answers' => (object) $progress->answers,
            'off' => $tray->off,
            'leftOn' => $tray->leftOn,
            'leftOver' => array_keys($tray->leftOver),
            'timers' => array_map(
                static fn (RunningTimer $timer): array => [
                    'step' => $timer->step,
                    'label' => $timer->label,
                    'startedAt' => $timer->startedAt->getTimestamp(),
                    'seconds' => $timer->lasts->seconds(),
                ],
                $progress->timers(),
            ),
            'openEnds' => array_map(static fn (OpenEnd $end): array => [$end->kind, $end->what], (new OpenEnds($progress))->now()),
        ];
    }

    /**
     * @param array<Step> $steps
     *
     * @return list<string>
     */
    private static function ids(array $steps): array
    {
        return array_values(array_map(static fn (Step $step): string => $step->id, $steps));
    }
}
