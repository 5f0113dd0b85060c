<?php

declare(strict_types=1);

namespace App\Care\Measures;

use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Handbook\Machine\ArmTemplate;

/** A spray arm of a machine, as it was mapped last, or as the handbook has it. */
final readonly class ArmState
{
    /** @param list<array{to: float, name: string, holds: string}> $rings what stands over it, from the hub outwards */
    public function __construct(public ArmTemplate $template, public SprayArm $arm, public array $rings)
    {
    }
}
