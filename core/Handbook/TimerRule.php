<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Quantity\Minutes;

/** A wait that starts when a step is done; an earlier answer may make it longer. */
final readonly class TimerRule
{
    /**
     * @param array<string, float> $longer  minutes by the answer given to the capture named in by
     * @param Minutes|null         $most    longer than this does harm
     * @param bool                 $machine whether the machine is running meanwhile
     */
    public function __construct(public string $label, private float $minutes, private ?string $by, private array $longer, public ?Minutes $most = null, public bool $machine = false)
    {
    }

    /** @param array<string, string> $answers by capture id */
    public function lasts(array $answers): Minutes
    {
        return Minutes::of($this->longer[$answers[$this->by ?? ''] ?? ''] ?? $this->minutes);
    }
}
