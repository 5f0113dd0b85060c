<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

/** The procedures that one round does together, each once. */
final readonly class ProcedureSet
{
    /** @param non-empty-list<string> $ids sorted */
    private function __construct(public array $ids)
    {
    }

    public static function of(string $first, string ...$others): self
    {
        $ids = array_values(array_unique([$first, ...$others]));
        sort($ids);

        return new self($ids);
    }

    /** @param non-empty-list<string> $ids */
    public static function from(array $ids): self
    {
        return self::of(...$ids);
    }

    public function has(string $id): bool
    {
        return in_array($id, $this->ids, true);
    }

    public function isSingle(): bool
    {
        return 1 === count($this->ids);
    }

    public function equals(self $other): bool
    {
        return $this->ids === $other->ids;
    }
}
