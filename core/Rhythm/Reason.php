<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

/** Why a task is where it is, as data: a kind of sentence and the numbers in it. */
final readonly class Reason
{
    /** @param array<string, float|string> $values */
    public function __construct(public ReasonCode $code, public array $values)
    {
    }
}
