<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Compiler\Node;

/** What says that water stands in a machine, and what says that it does not. */
final readonly class FloodRule
{
    /**
     * @param list<string> $symptoms by which it is noticed
     * @param array<string, list<string>> $floods results that say so, by check
     * @param array<string, list<string>> $dry results that say it does not, by check
     */
    public function __construct(private array $symptoms = [], private array $floods = [], private array $dry = [])
    {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        $results = static fn (Node $by): array => array_map(static fn (Node $each): array => $each->strings(), $by->named());

        return new self($node->at('symptoms')->strings(), $results($node->at('answers')), $results($node->at('not')));
    }

    /**
     * Whether water stands, as far as that is known: what was looked at last counts.
     *
     * @param list<string> $noticed symptoms
     * @param list<array{string, string}> $answers check and result, in the order they were given
     */
    public function stands(array $noticed, array $answers): bool
    {
        $stands = [] !== array_intersect($this->symptoms, $noticed);
        foreach ($answers as [$check, $result]) {
            $stands = match (true) {
                in_array($result, $this->floods[$check] ?? [], true) => true,
                in_array($result, $this->dry[$check] ?? [], true) => false,
                default => $stands,
            };
        }

        return $stands;
    }
}
