<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Quantity\Fraction;

/** The answers a round will most likely get: the part as dirty as estimated, clean afterwards, and of a
 * choice the first. */
final class Expectation
{
    /**
     * @param array<string, Fraction> $blockedNow estimated blocked fraction by care task; a task without one counts as
     *     at its clean-by line
     *
     * @return array<string, string> by capture id
     */
    public static function of(Procedure $procedure, Handbook $handbook, array $blockedNow): array
    {
        $usual = Fraction::of($handbook->rhythmModel()->cleanBy);
        $answers = [];
        foreach ($procedure->steps as $step) {
            if (!$step->if->holds($answers)) {
                continue;
            }
            if (CaptureKind::Choice === $step->capture?->kind) {
                $answers[$step->capture->id] = $step->capture->options[0]->id;
            }
            if (CaptureKind::Grade === $step->capture?->kind) {
                $scale = $handbook->scales()->scale($step->capture->scale ?? Scales::MESH);
                $answers[$step->capture->id] = (
                    'found' === $step->capture->means ? $scale->nearest($blockedNow[$step->capture->of ?? ''] ?? $usual) : $scale->clean()
                )->id;
            }
        }

        return $answers;
    }
}
