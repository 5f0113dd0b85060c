<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** Named things that must each have one of some values: traits of a machine, answers given in a round. */
final readonly class Condition
{
    /** @param array<string, list<string>> $sets values allowed for each name; empty means always */
    public function __construct(public array $sets)
    {
    }

    /** @param array<string, string> $facts what is known; an unknown name does not match */
    public function holds(array $facts): bool
    {
        foreach ($this->sets as $name => $allowed) {
            if (!isset($facts[$name]) || !in_array($facts[$name], $allowed, true)) {
                return false;
            }
        }

        return true;
    }

    public function isEmpty(): bool
    {
        return [] === $this->sets;
    }
}
