<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Refusal;

/** A step that cannot be marked done so. */
final class CannotTick extends \DomainException implements Refusal
{
    public static function unknownStep(string $step): self
    {
        return new self(sprintf('This round has no step %s.', mb_strimwidth($step, 0, 40, '…')));
    }

    public static function notItsTurn(string $short): self
    {
        return new self(sprintf('%s does not come up in this round with the answers given so far.', $short));
    }

    public static function answerMissing(string $ask): self
    {
        return new self(sprintf('Pick an answer first: %s', $ask));
    }

    public static function answerUnknown(string $ask): self
    {
        return new self(sprintf('That is not one of the answers to: %s', $ask));
    }

    public static function mustBeDone(string $short): self
    {
        return new self(sprintf('%s cannot be left out.', $short));
    }

    public static function notPassed(string $ask): self
    {
        return new self(sprintf('This round waits here: %s Leave the page and come back when it does.', $ask));
    }

    public static function notOfItsScale(string $ask): self
    {
        return new self(sprintf('That answer is not on the scale of this part. Pick one of those shown: %s', $ask));
    }

    public static function readingOutOfRange(string $name): self
    {
        return new self(sprintf('%s: that number cannot be right. Look again.', $name));
    }
}
