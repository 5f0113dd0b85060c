<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

/** What is said of an agent before it goes in, the mildest first. */
enum Verdict: string
{
    case Go = 'go';
    case Wasteful = 'wasteful';
    case Caution = 'caution';
    case ClearFirst = 'clear-first';
    case Never = 'never';

    /** From 0 for go to 4 for never. */
    public function severity(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** Whether it must not go in as things stand. */
    public function refuses(): bool
    {
        return self::ClearFirst === $this || self::Never === $this;
    }
}
