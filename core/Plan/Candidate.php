<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan;

/** A care task that might be done today. */
final readonly class Candidate
{
    /**
     * @param string $task care task id
     * @param string $procedure that does it most fully on this machine
     * @param bool $due whether it is asked for today
     * @param float $wear foulings since clean
     * @param bool $alone whether its procedure stands alone
     */
    public function __construct(public string $task, public string $procedure, public bool $due, public float $wear, public bool $alone)
    {
    }
}
