<?php

declare(strict_types=1);

namespace App\Care;

use GoodRinse\Core\Handbook\Procedure\Procedure;

/** What a round would follow on a machine as it stands, and what is expected to be found on the way. */
final readonly class ProcedureExpectation
{
    /** @param array<string, string> $answers to count on, by step */
    public function __construct(public Procedure $procedure, public array $answers)
    {
    }
}
