<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\FillsSentence;
use GoodRinse\Core\SentenceRefusal;

/** A step that cannot be marked done so. */
final class CannotTick extends \DomainException implements SentenceRefusal
{
    use FillsSentence;

    public static function unknownStep(string $step): self
    {
        return self::filled('This round has no step :step.', ['step' => mb_strimwidth($step, 0, 40, '…')]);
    }

    public static function notItsTurn(string $short): self
    {
        return self::filled('“:step” does not come up in this round with the answers given so far.', ['step' => $short]);
    }

    public static function answerMissing(string $ask): self
    {
        return self::filled('Pick an answer first: :question', ['question' => $ask]);
    }

    public static function answerUnknown(string $ask): self
    {
        return self::filled('That is not one of the answers to: :question', ['question' => $ask]);
    }

    public static function mustBeDone(string $short): self
    {
        return self::filled('“:step” cannot be skipped.', ['step' => $short]);
    }

    public static function notPassed(string $ask): self
    {
        return self::filled('The round waits here: :question You can leave the page and come back later.', ['question' => $ask]);
    }

    public static function notOfItsScale(string $ask): self
    {
        return self::filled('That answer is not on the scale of this part. Pick one of those shown: :question', ['question' => $ask]);
    }

    public static function readingOutOfRange(string $name): self
    {
        return self::filled(':reading: that number cannot be right. Check it.', ['reading' => $name]);
    }
}
