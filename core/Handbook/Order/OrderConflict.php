<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

use GoodRinse\Core\Refusal;

/** Steps that cannot be brought into one order. */
final class OrderConflict extends \DomainException implements Refusal
{
    /** @param list<string> $procedures names of those that contradict each other */
    private function __construct(string $message, public readonly array $procedures = [])
    {
        parent::__construct($message);
    }

    public static function alone(string $name): self
    {
        return new self(sprintf('%s cannot be combined with anything else. Do it in a round of its own.', $name), [$name]);
    }

    public static function between(string $first, string $second): self
    {
        return new self(sprintf('%s and %s need opposite orders. Do them in two rounds.', $first, $second), [$first, $second]);
    }

    /** @param list<string> $parts names, in the order they lead back to the first */
    public static function circle(array $parts): self
    {
        return new self(sprintf('These parts wait for each other, so none can come off first: %s.', implode(' → ', $parts)));
    }
}
