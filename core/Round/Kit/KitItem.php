<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Kit;

/** A tool that must be within reach, and the parts of the machine it is for. */
final readonly class KitItem
{
    /**
     * @param list<string> $for what it undoes, "8 cover screws"; empty for a tool that steps ask for
     * @param KitReason|null $if when it is needed; null when it is needed for sure
     */
    public function __construct(public string $id, public array $for = [], public ?KitReason $if = null)
    {
    }
}
