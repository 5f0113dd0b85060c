<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Quantity\Minutes;

/** A wait that starts when a step is done; an earlier answer may make it longer. */
final readonly class TimerRule
{
    /**
     * @param array<string, float> $longer minutes by the answer given to the capture named in by
     * @param Minutes|null $most longer than this does harm
     * @param bool $machine whether the machine is running meanwhile
     * @param string|null $late what being late means
     * @param string|null $ends what a person says when it is over
     * @param list<int|string> $choices lengths to pick from: minutes, or a name of WaitChoice
     */
    public function __construct(
        public string $label,
        private float $usual,
        private ?string $by,
        private array $longer,
        public ?Minutes $most = null,
        public bool $machine = false,
        public ?string $late = null,
        public ?string $ends = null,
        public array $choices = [],
    ) {
    }

    /** @param array<string, string> $answers by capture id */
    public function lasts(array $answers): Minutes
    {
        return Minutes::of($this->longer[$answers[$this->by ?? ''] ?? ''] ?? $this->usual);
    }

    /** The question whose answer makes it longer; null when none does. */
    public function by(): ?string
    {
        return $this->by;
    }

    /** @return array<string, float> minutes by the answer given; the usual ones under the empty answer */
    public function minutes(): array
    {
        return ['' => $this->usual] + $this->longer;
    }
}
