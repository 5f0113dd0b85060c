<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

use GoodRinse\Core\FillsSentence;
use GoodRinse\Core\SentenceRefusal;

/** A date that the calendar does not have. */
final class NoSuchDay extends \DomainException implements SentenceRefusal
{
    use FillsSentence;

    public static function named(string $text): self
    {
        return self::filled('":text" is not a day of the calendar written as YYYY-MM-DD.', ['text' => mb_strimwidth($text, 0, 40, '…')]);
    }

    public static function beyondCalendar(): self
    {
        return self::filled('That day is outside the years 1 to 9999.');
    }
}
