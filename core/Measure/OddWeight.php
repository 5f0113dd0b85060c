<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

use GoodRinse\Core\FillsSentence;
use GoodRinse\Core\SentenceRefusal;

/** A weight that is odd beside an earlier one: a question, which a person may answer by saying that it is right. */
final class OddWeight extends \DomainException implements SentenceRefusal
{
    use FillsSentence;

    public static function stillWet(): self
    {
        return self::filled('That is a little heavier than before the wash. Is it still wet inside? Weigh it when it is dry.');
    }

    public static function swapped(): self
    {
        return self::filled('That is heavier than before the wash. Were the two weights swapped? Check both numbers.');
    }

    public static function lighterThanClean(): self
    {
        return self::filled('That is lighter than the filters were when clean. Are all of them on the scales?');
    }

    public static function heavierThanClean(): self
    {
        return self::filled('Clean filters weighed less before. Are they dry, and are they the same filters?');
    }
}
