<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

/** What is off a machine in a round, and what did not go by the book. */
final readonly class Tray
{
    /**
     * @param list<string> $off parts that are off, in the order they came off
     * @param list<string> $leftOn parts that were not taken off
     * @param list<string> $early parts that went back before their turn
     * @param array<string, array<string, int>> $leftOver pieces that did not go back with a part, how many of each by
     *     name, by part
     */
    public function __construct(public array $off, public array $leftOn, public array $early, public array $leftOver)
    {
    }

    public function isEmpty(): bool
    {
        return [] === $this->off && [] === $this->leftOver;
    }
}
