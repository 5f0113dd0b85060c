<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

use GoodRinse\Core\Refusal;

/** A weight that is odd beside an earlier one: a question, which a person may answer by saying that it is right. */
final class OddWeight extends \DomainException implements Refusal
{
    public static function stillWet(): self
    {
        return new self('That is a little heavier than before the wash. Is it still wet inside? Weigh it when it is dry.');
    }

    public static function swapped(): self
    {
        return new self('That is heavier than before the wash. Were the two weights swapped? Look at both numbers again.');
    }

    public static function lighterThanClean(): self
    {
        return new self('That is lighter than the filters were when clean. Are all of them on the scales?');
    }

    public static function heavierThanClean(): self
    {
        return new self('Clean filters weighed less before. Are they dry, and are they the same filters?');
    }
}
