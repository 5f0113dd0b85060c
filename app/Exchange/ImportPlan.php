<?php

declare(strict_types=1);

namespace App\Exchange;

/** What bringing a file in would do. */
final readonly class ImportPlan
{
    /**
     * @param string|null $into id of the household that it is merged into; null for a new one
     * @param array<string, int> $new rows that are not here yet, by table
     * @param array<string, int> $same rows that are here already, by table
     * @param list<string> $different places of rows that are here with something else in them: what is here stays
     */
    public function __construct(public ?string $into, public array $new, public array $same, public array $different)
    {
    }

    public function isNothingNew(): bool
    {
        return 0 === array_sum($this->new);
    }
}
