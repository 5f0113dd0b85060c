<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Handbook\UnknownEntry;

/** A job in steps, in the order they are done. */
final readonly class Procedure
{
    /**
     * @param non-empty-list<Step> $steps
     * @param list<string> $ends what must be true at the end
     * @param list<string> $essential steps without which there is no point in it
     * @param list<string> $runs procedures it takes in whole
     * @param string|null $why why it is done this way, where opinions differ
     * @param Condition $when traits the machine must have
     * @param bool $alone whether it cannot be done together with others
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $does,
        public array $steps,
        public array $ends,
        public array $essential,
        public array $runs,
        public ?string $why,
        public Condition $when,
        public bool $alone = false,
    ) {
    }

    /**
     * The procedure with only the steps that a machine of these traits calls for.
     *
     * @param array<string, string> $traits
     *
     * @throws UnknownEntry when it calls for none of them
     */
    public function fittedTo(array $traits): self
    {
        return $this->with(array_values(array_filter($this->steps, static fn (Step $step): bool => $step->when->holds($traits))));
    }

    /**
     * @param list<Step> $steps
     *
     * @throws UnknownEntry when there are none
     */
    public function with(array $steps): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            does: $this->does,
            steps: [] === $steps ? throw UnknownEntry::named('step of', $this->id) : $steps,
            ends: $this->ends,
            essential: $this->essential,
            runs: $this->runs,
            why: $this->why,
            when: $this->when,
            alone: $this->alone,
        );
    }
}
