<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/** Something that may put the machine right. */
final readonly class Action
{
    /**
     * @param float $cost 0 or more, in the unit of the call's fee
     * @param array<int, float> $fixes chance that it helps by the place of the cause, 0 to 1; a cause that is not named
     *     counts 0
     */
    public function __construct(public string $id, public float $cost, public array $fixes)
    {
    }
}
