<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Procedure\Condition;

/** Something a person notices, and how likely it is under each cause. */
final readonly class Symptom
{
    /**
     * @param float $severity how much it matters against others, 0 to 5: 5 where somebody can be hurt
     * @param float $else chance of seeing it under a cause that is not named, 0 to 1
     * @param array<string, float> $given chance by cause, 0 to 1
     * @param bool $where whether it matters where in the machine it is seen
     * @param Condition $when traits a machine must have to show it
     * @param string|null $light indicator light that it is
     * @param string|null $now what to do before anything else
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $severity,
        public float $else,
        private array $given,
        public bool $where,
        public Condition $when,
        public ?string $light = null,
        public ?string $now = null,
    ) {
    }

    /** The chance of seeing it when this is the cause, 0 to 1. */
    public function chance(string $cause): float
    {
        return $this->given[$cause] ?? $this->else;
    }

    /** @return list<string> the causes that show it more than others do, the most telling first */
    public function pointsTo(): array
    {
        $telling = array_filter($this->given, fn (float $chance): bool => $chance > $this->else);
        arsort($telling);

        return array_keys($telling);
    }
}
