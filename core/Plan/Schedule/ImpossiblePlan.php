<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

use GoodRinse\Core\Refusal;

/** Links that no schedule can keep, all at once. */
final class ImpossiblePlan extends \DomainException implements Refusal
{
    /** @param list<TimeLink> $links that contradict each other */
    private function __construct(public readonly array $links, string $message)
    {
        parent::__construct($message);
    }

    /** @param list<TimeLink> $links */
    public static function links(array $links): self
    {
        return new self($links, 'These cannot all be kept: '.implode('; ', array_map(strval(...), $links)));
    }
}
