<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

/** A rhythm that is recommended, and for whom it fits. */
final readonly class School
{
    /**
     * @param float|null $days from one time to the next; null where it counts something else, or nothing
     * @param float|null $uses of the machine from one time to the next
     * @param float|null $litres heated from one time to the next
     * @param string|null $start how the first interval is computed: "brew-limit", from the water's hardness
     */
    public function __construct(
        public string $id,
        public ?float $days,
        public string $name,
        public string $note,
        public ?float $uses = null,
        public ?string $start = null,
        public ?float $litres = null,
    ) {
    }

    /** Whether its first interval hangs on the hardness of the water. */
    public function followsWater(): bool
    {
        return null !== $this->start;
    }

    /** Whether it follows no clock at all: the job is done when somebody wants it. */
    public function isOff(): bool
    {
        return null === $this->days && null === $this->uses && null === $this->start && null === $this->litres;
    }
}
