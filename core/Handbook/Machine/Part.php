<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

use GoodRinse\Core\Handbook\Procedure\Condition;

/** A part of a machine, named and taken off as the machine's traits have it. */
final readonly class Part
{
    /**
     * @param list<array{Condition, string}> $names other names, by trait; the first that holds wins
     * @param list<array{Condition, list<string>}> $comesOff lines saying how it comes off, by trait
     * @param list<array{Condition, string}> $madeOf surfaces, by trait; all that hold count
     * @param string|null $look what to look for on it
     * @param bool $needed whether the machine must not run without it
     * @param string|null $heldBy trait that says how it is held
     * @param list<HoldingRule> $held how it is held; the first that applies
     * @param Condition $when traits a machine must have to have the part
     * @param list<array{string, Condition}> $coveredBy parts that come off before it, by trait
     */
    public function __construct(
        public string $id,
        private string $name,
        private array $names,
        private array $comesOff,
        private array $madeOf,
        public ?string $look,
        public Condition $when,
        public bool $needed = false,
        public ?string $heldBy = null,
        private array $held = [],
        private array $coveredBy = [],
    ) {
    }

    /** @param array<string, string> $traits */
    public function name(array $traits): string
    {
        foreach ($this->names as [$condition, $name]) {
            if ($condition->holds($traits)) {
                return $name;
            }
        }

        return $this->name;
    }

    /**
     * @param array<string, string> $traits
     *
     * @return list<string>
     */
    public function comesOff(array $traits): array
    {
        foreach ($this->comesOff as [$condition, $lines]) {
            if ($condition->holds($traits)) {
                return $lines;
            }
        }

        return [];
    }

    /**
     * The parts that come off before it.
     *
     * @param array<string, string> $traits
     *
     * @return list<string>
     */
    public function coveredBy(array $traits): array
    {
        return array_values(array_map(
            static fn (array $cover): string => $cover[0],
            array_filter($this->coveredBy, static fn (array $cover): bool => $cover[1]->holds($traits)),
        ));
    }

    /**
     * How it is held on a machine; null where the handbook does not say.
     *
     * @param array<string, string> $traits
     * @param array<string, string> $words what stands for {trait}
     */
    public function holding(array $traits, array $words): ?Holding
    {
        foreach ($this->held as $rule) {
            if ($rule->holds($traits)) {
                return $rule->holding($words);
            }
        }

        return null;
    }

    /**
     * Ids of the surfaces an agent meets on it.
     *
     * @param array<string, string> $traits
     *
     * @return list<string>
     */
    public function madeOf(array $traits): array
    {
        $surfaces = [];
        foreach ($this->madeOf as [$condition, $surface]) {
            if ($condition->holds($traits)) {
                $surfaces[] = $surface;
            }
        }

        return $surfaces;
    }
}
