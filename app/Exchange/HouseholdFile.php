<?php

declare(strict_types=1);

namespace App\Exchange;

/** What a file to be brought in says, checked. */
final readonly class HouseholdFile
{
    /**
     * @param array<string, mixed> $household as its table has it
     * @param array<string, string> $people names by id
     * @param array<string, list<array<string, mixed>>> $tables rows as their tables have them, in order; people by their id here
     * @param array<string, string> $files path of each unpacked, by its name in the file
     */
    public function __construct(
        public bool $isWhole,
        public array $household,
        public array $people,
        public ?string $exportedBy,
        public array $tables,
        public array $files,
    ) {
    }

    public function id(): string
    {
        return is_string($this->household['id'] ?? null) ? $this->household['id'] : '';
    }

    public function name(): string
    {
        return is_string($this->household['name'] ?? null) ? $this->household['name'] : '';
    }
}
