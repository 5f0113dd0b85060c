<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** Two families of agents that should not meet; the order says nothing. */
final readonly class PairRule
{
    /**
     * @param array{string, string} $between families
     * @param string|null $gives what comes of it, for a danger
     * @param string $why a sentence; {a} and {b} stand for the agents
     */
    public function __construct(public array $between, public PairHazard $hazard, public ?string $gives, public string $why)
    {
    }

    /**
     * Whether the rule is about agents of these families, either way round.
     *
     * @param list<string> $one
     * @param list<string> $other
     */
    public function isAbout(array $one, array $other): bool
    {
        [$a, $b] = $this->between;

        return (in_array($a, $one, true) && in_array($b, $other, true)) || (in_array($b, $one, true) && in_array($a, $other, true));
    }
}
