<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** A job in steps, in the order they are done, before it is fitted to a machine. */
final readonly class Procedure
{
    /** @param non-empty-list<Step> $steps */
    public function __construct(public string $id, public string $name, public string $does, public array $steps)
    {
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
        $steps = array_values(array_filter($this->steps, static fn (Step $step): bool => $step->when->holds($traits)));

        return new self($this->id, $this->name, $this->does, [] === $steps ? throw UnknownEntry::named('step of', $this->id) : $steps);
    }
}
