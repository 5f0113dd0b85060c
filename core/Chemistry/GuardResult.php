<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\Handbook\Procedure\Step;

/** What keep-apart makes of a procedure on one machine. */
final readonly class GuardResult
{
    /**
     * @param list<Step> $steps that are done
     * @param array<string, Assessment> $leftOut why a step is not done, by its id
     * @param array<string, list<array<string, mixed>>> $clearing data of clearing steps that come in before a step, by
     *     its id
     * @param Assessment|null $refused why the whole procedure is not for this machine
     */
    public function __construct(public array $steps, public array $leftOut, public array $clearing, public ?Assessment $refused)
    {
    }
}
