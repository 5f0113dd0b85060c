<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

use GoodRinse\Core\FillsSentence;
use GoodRinse\Core\SentenceRefusal;

/** Steps that cannot be brought into one order. */
final class OrderConflict extends \DomainException implements SentenceRefusal
{
    use FillsSentence;

    public static function alone(string $name): self
    {
        return self::filled(':name cannot be combined with anything else. Do it in a round of its own.', ['name' => $name]);
    }

    public static function between(string $first, string $second): self
    {
        return self::filled(
            ':first and :second need opposite orders. Do them in two rounds.',
            ['first' => $first, 'second' => $second],
        );
    }

    /** @param list<string> $parts names, in the order they lead back to the first */
    public static function circle(array $parts): self
    {
        return self::filled('These parts wait for each other, so none can come off first: :parts.', ['parts' => implode(' → ', $parts)]);
    }
}
