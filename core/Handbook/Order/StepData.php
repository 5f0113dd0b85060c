<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

/**
 * The data of a kind's steps, read leniently: what is not there, or not of its type, is left out.
 *
 * @internal to this folder
 */
final readonly class StepData
{
    /** @param array<string, array<array-key, mixed>> $steps by id */
    public function __construct(private array $steps)
    {
    }

    /** @return array<array-key, mixed> */
    public function of(string $id): array
    {
        return $this->steps[$id] ?? [];
    }

    public function text(string $id, string $key): ?string
    {
        $value = $this->of($id)[$key] ?? null;

        return is_string($value) ? $value : null;
    }

    /** @return list<string> */
    public function list(string $id, string $key): array
    {
        $value = $this->of($id)[$key] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }
}
