<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

use GoodRinse\Core\Handbook\Procedure\Condition;

/** One job on one part of a machine kind, with the procedures that do it and the clocks it runs on. */
final readonly class CareTask
{
    /**
     * @param string $basis why the intervals are what they are
     * @param list<array{string, Condition}> $procedures procedure ids, fullest first, each with the traits it needs
     * @param non-empty-list<ClockBounds> $clocks
     * @param non-empty-array<string, School> $schools
     * @param list<array{Condition, string}> $proposes habits, and the school that fits them
     * @param bool $first whether a new machine is looked at straight away
     * @param Condition $when traits a machine must have to need it
     * @param string|null $light indicator light that asks for it
     * @param Condition $lightWhen traits a machine must have to have that light
     * @param bool $byPart whether it goes by the name of its part
     * @param string $fouls what happens to the part, in a word: blocked, soiled, furred
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public string $basis,
        private array $procedures,
        public array $clocks,
        public array $schools,
        private string $defaultSchool,
        private array $proposes,
        public bool $first,
        public Condition $when,
        public ?string $light,
        public Condition $lightWhen,
        public bool $byPart,
        public string $fouls,
    ) {
    }

    /**
     * The procedures this machine allows, the fullest first.
     *
     * @param array<string, string> $traits
     *
     * @return list<string>
     */
    public function procedures(array $traits): array
    {
        return array_values(array_map(
            static fn (array $procedure): string => $procedure[0],
            array_filter($this->procedures, static fn (array $procedure): bool => $procedure[1]->holds($traits)),
        ));
    }

    /** Whether one of its procedures is this one, on some machine. */
    public function isDoneBy(string $procedure): bool
    {
        return in_array($procedure, array_column($this->procedures, 0), true);
    }

    /**
     * The school that somebody picked; where nobody did, or it is no longer in the handbook, the one that fits the habits.
     *
     * @param array<string, string|float> $habits as the household says them
     */
    public function school(?string $picked, array $habits = []): School
    {
        return $this->schools[$picked ?? ''] ?? $this->proposed($habits);
    }

    /**
     * The school that fits the habits.
     *
     * @param array<string, string|float> $habits as the household says them
     */
    public function proposed(array $habits): School
    {
        $because = $this->because($habits);

        return $this->schools[null === $because ? $this->defaultSchool : $because[1]] ?? $this->schools[$this->defaultSchool];
    }

    /**
     * The habits that the proposed school fits.
     *
     * @param array<string, string|float> $habits as the household says them
     *
     * @return list<string> ids; empty where it is the usual one
     */
    public function proposedFor(array $habits): array
    {
        return array_keys($this->because($habits)[0]->sets ?? []);
    }

    /**
     * @param array<string, string|float> $habits
     *
     * @return array{Condition, string}|null
     */
    private function because(array $habits): ?array
    {
        foreach ($this->proposes as $proposal) {
            if ($proposal[0]->holds(array_filter($habits, is_string(...)))) {
                return $proposal;
            }
        }

        return null;
    }
}
