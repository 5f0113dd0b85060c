<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Rounds;

/**
 * From where to where a round has something in a vessel that other rounds use.
 *
 * @internal to this folder
 */
final readonly class VesselUse
{
    /**
     * @param string $first block in which it pours into it first; empty where it has already
     * @param int $place of that block among the round's
     * @param string $last block in which it pours into it, or clears it, last; empty where none is left
     * @param list<string> $agents that it pours
     * @param bool $isClear whether it clears it after that
     */
    public function __construct(
        public string $first,
        public int $place,
        public string $last = '',
        public array $agents = [],
        public bool $isClear = false,
    ) {
    }

    /** @param list<string> $agents */
    public function pour(string $block, array $agents): self
    {
        return new self($this->first, $this->place, $block, [...$this->agents, ...$agents]);
    }

    public function clear(string $block): self
    {
        return new self($this->first, $this->place, $block, $this->agents, true);
    }
}
