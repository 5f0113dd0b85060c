<?php

declare(strict_types=1);

namespace GoodRinse\Core\Apart;

/** Parts of a machine that the handbook does not know and the household has added. */
final readonly class OwnParts
{
    /** @param array<string, OwnPart> $parts by id */
    public function __construct(public array $parts = [])
    {
    }

    /** @param array<array-key, mixed> $data what toArray() made; anything else is left out */
    public static function read(array $data): self
    {
        $parts = [];
        foreach ($data as $each) {
            $part = is_array($each) ? OwnPart::read($each) : null;
            if (null !== $part) {
                $parts[$part->id] = $part;
            }
        }

        return new self($parts);
    }

    /** @return list<array<string, mixed>> what read() reads back */
    public function toArray(): array
    {
        return array_values(array_map(static fn (OwnPart $part): array => $part->toArray(), $this->parts));
    }

    /** @return array<string, array<array-key, mixed>> data of the parts as the handbook keeps its own, by id */
    public function parts(): array
    {
        return array_map(static fn (OwnPart $part): array => $part->data(), $this->parts);
    }

    /** @return array<string, list<string>> own parts that come off before a part of the handbook, by that part */
    public function inTheWay(): array
    {
        $first = [];
        foreach ($this->parts as $part) {
            $first[$part->inTheWayOf][] = $part->id;
        }

        return $first;
    }
}
