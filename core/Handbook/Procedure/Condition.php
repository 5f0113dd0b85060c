<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

/** Named things that must each have one of some values: traits of a machine, answers given in a round. */
final readonly class Condition
{
    /**
     * @param array<string, list<string>> $sets values allowed for each name; empty means always
     * @param array<string, string> $defaults what a name stands at where nothing is known of it
     */
    public function __construct(public array $sets, private array $defaults = [])
    {
    }

    /** @param array<string, string> $facts what is known; an unknown name without a default does not match */
    public function holds(array $facts): bool
    {
        foreach ($this->sets as $name => $allowed) {
            if (!in_array($facts[$name] ?? $this->defaults[$name] ?? null, $allowed, true)) {
                return false;
            }
        }

        return true;
    }

    public function isEmpty(): bool
    {
        return [] === $this->sets;
    }

    /** Whether both can hold at once, as far as their own words go. */
    public function agreesWith(self $other): bool
    {
        foreach ($this->sets as $name => $allowed) {
            if (isset($other->sets[$name]) && [] === array_intersect($allowed, $other->sets[$name])) {
                return false;
            }
        }

        return true;
    }
}
