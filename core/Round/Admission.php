<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Step;

/** Whether a step may be marked so: left out, answered, or overruled. */
final class Admission
{
    /**
     * @param string $how one of Tick's constants
     * @param bool $overruled the person goes on although the answer does not pass
     *
     * @throws CannotTick
     */
    public static function check(Step $step, ?string $answer, string $how, bool $overruled): void
    {
        if (Tick::SKIPPED === $how) {
            if ($step->gate) {
                throw CannotTick::mustBeDone($step->short);
            }

            return;
        }
        if (null !== $step->capture) {
            if (null === $answer) {
                throw CannotTick::answerMissing($step->capture->ask);
            }
            if (!$step->capture->accepts($answer)) {
                throw CaptureKind::Grade === $step->capture->kind
                    ? CannotTick::notOfItsScale($step->capture->ask)
                    : CannotTick::answerUnknown($step->capture->ask);
            }
            if ($step->gate && $overruled && !$step->capture->passes($answer)) {
                throw CannotTick::notPassed($step->capture->ask);
            }
        }
    }
}
