<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use GoodRinse\Core\Handbook\Procedure\Condition;

/**
 * A place in the handbook's data, read with types. The schemas have been checked before, so a wrong type
 * here is a mistake of the program and throws.
 *
 * @internal to this folder
 */
final readonly class Node
{
    /** @param array<array-key, mixed> $data */
    private function __construct(private array $data)
    {
    }

    public static function of(mixed $data): self
    {
        return new self(is_array($data) ? $data : throw new \UnexpectedValueException('Expected a list or a mapping.'));
    }

    /** @return array<array-key, mixed> */
    public function raw(): array
    {
        return $this->data;
    }

    public function has(string $key): bool
    {
        return isset($this->data[$key]);
    }

    public function string(string $key): string
    {
        return is_string($value = $this->data[$key] ?? null) ? $value : throw new \UnexpectedValueException("Expected text at $key.");
    }

    public function optional(string $key): ?string
    {
        return $this->has($key) ? $this->string($key) : null;
    }

    public function number(string $key): float
    {
        $value = $this->data[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw new \UnexpectedValueException("Expected a number at $key.");
    }

    public function scalar(string $key): string|int|float
    {
        $value = $this->data[$key] ?? null;

        return is_string($value)
            || is_int($value)
            || is_float($value) ? $value : throw new \UnexpectedValueException("Expected text or a number at $key.");
    }

    public function flag(string $key): bool
    {
        return true === ($this->data[$key] ?? false);
    }

    public function at(string $key): self
    {
        return self::of($this->data[$key] ?? []);
    }

    /** @return list<self> */
    public function items(): array
    {
        return array_values(array_map(self::of(...), $this->data));
    }

    /** @return list<string> */
    public function strings(): array
    {
        return array_values(array_filter($this->data, is_string(...)));
    }

    /** @return array<string, float> */
    public function numbers(): array
    {
        $numbers = [];
        foreach ($this->data as $key => $value) {
            $numbers[(string) $key] = $this->number((string) $key);
        }

        return $numbers;
    }

    /** @return array<string, string> members that are text, by their key */
    public function texts(): array
    {
        $texts = [];
        foreach (array_filter($this->data, is_string(...)) as $key => $text) {
            $texts[(string) $key] = $text;
        }

        return $texts;
    }

    /** @return array<string, self> */
    public function byId(): array
    {
        $named = [];
        foreach ($this->items() as $item) {
            $named[$item->string('id')] = $item;
        }

        return $named;
    }

    /** @return array<string, self> members by their key */
    public function named(): array
    {
        $named = [];
        foreach ($this->data as $key => $value) {
            $named[(string) $key] = self::of($value);
        }

        return $named;
    }

    /** @param array<string, string> $defaults */
    public function condition(string $key, array $defaults = []): Condition
    {
        $sets = [];
        foreach ($this->at($key)->data as $name => $values) {
            $sets[(string) $name] = self::of($values)->strings();
        }

        return new Condition($sets, $defaults);
    }
}
