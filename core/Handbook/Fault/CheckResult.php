<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

/** One thing that can come of a check, and how likely it is under each cause. */
final readonly class CheckResult
{
    /**
     * @param float $else chance under a cause that is not named, 0 to 1
     * @param array<string, float> $given chance by cause, 0 to 1
     */
    public function __construct(public string $id, public string $name, private float $else, private array $given)
    {
    }

    /** Its chance when this is the cause, 0 to 1. */
    public function chance(string $cause): float
    {
        return $this->given[$cause] ?? $this->else;
    }

    /** @return list<string> causes under which it is likelier, or less likely, than usual */
    public function names(): array
    {
        return array_keys($this->given);
    }
}
