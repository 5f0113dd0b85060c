<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

use GoodRinse\Core\Refusal;

/** A date that the calendar does not have. */
final class NoSuchDay extends \DomainException implements Refusal
{
    public static function named(string $text): self
    {
        return new self(sprintf('"%s" is not a day of the calendar written as YYYY-MM-DD.', mb_strimwidth($text, 0, 40, '…')));
    }

    public static function beyondCalendar(): self
    {
        return new self('That day lies outside the years 1 to 9999.');
    }
}
