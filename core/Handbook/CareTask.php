<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** One job on one part of a machine kind, with the procedures that do it and the clocks it runs on. */
final readonly class CareTask
{
    /**
     * @param list<array{string, Condition}>      $procedures procedure ids, fullest first, each with the traits it needs
     * @param non-empty-list<ClockBounds>         $clocks
     * @param non-empty-array<string, School>     $schools
     * @param array<string, array<string, float>> $habits     what each answer to each habit multiplies the interval by
     * @param bool                                $first      whether a new machine is looked at straight away
     * @param Condition                           $when       traits a machine must have to need it
     * @param string|null                         $light      indicator light that asks for it
     * @param Condition                           $lightWhen  traits a machine must have to have that light
     * @param bool                                $byPart     whether it goes by the name of its part
     * @param string                              $fouls      what happens to the part, in a word: blocked, soiled, furred
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        private array $procedures,
        public array $clocks,
        public array $schools,
        private string $defaultSchool,
        private array $habits,
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

    /** The school of that id, or the default one for null or an id that is no longer in the handbook. */
    public function school(?string $id): School
    {
        return $this->schools[$id ?? ''] ?? $this->schools[$this->defaultSchool];
    }

    /**
     * What the household's habits multiply the school's interval by, above 0, by habit; those that change nothing are left out.
     *
     * @param array<string, string|float> $said
     *
     * @return array<string, float>
     */
    public function habitFactors(array $said): array
    {
        $factors = [];
        foreach ($this->habits as $habit => $byAnswer) {
            $answer = $said[$habit] ?? null;
            $factors[$habit] = is_string($answer) ? $byAnswer[$answer] ?? 1.0 : 1.0;
        }

        return array_filter($factors, static fn (float $factor): bool => 1.0 !== $factor);
    }
}
