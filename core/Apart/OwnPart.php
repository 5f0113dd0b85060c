<?php

declare(strict_types=1);

namespace GoodRinse\Core\Apart;

/** A part that the household has added to its machine, with what holds it. */
final readonly class OwnPart
{
    /** Its id begins so, and no part of the handbook's does. */
    public const PREFIX = 'own-';

    /**
     * @param string $inTheWayOf part of the handbook that comes off after it
     * @param array<string, int> $pieces how many small pieces come off with it, 1 to 40, by name
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $inTheWayOf,
        public array $pieces = [],
        public ?string $note = null,
    ) {
    }

    /** @param array<array-key, mixed> $data */
    public static function read(array $data): ?self
    {
        [$id, $name, $inTheWayOf, $note] = [$data['id'] ?? null, $data['name'] ?? null, $data['inTheWayOf'] ?? null, $data['note'] ?? null];
        if (!is_string($id) || !is_string($name) || !is_string($inTheWayOf)) {
            return null;
        }
        $pieces = array_filter(
            is_array($data['pieces'] ?? null) ? $data['pieces'] : [],
            static fn (mixed $count, mixed $piece): bool => is_int($count) && is_string($piece),
            ARRAY_FILTER_USE_BOTH,
        );

        return new self($id, $name, $inTheWayOf, $pieces, is_string($note) ? $note : null);
    }

    /** @return array<string, mixed> what read() reads back */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'inTheWayOf' => $this->inTheWayOf,
            'pieces' => $this->pieces,
            'note' => $this->note,
        ];
    }

    /** @return array<array-key, mixed> as the handbook keeps a part */
    public function data(): array
    {
        $pieces = [];
        foreach ($this->pieces as $name => $count) {
            $pieces[] = ['id' => 'own-piece-'.count($pieces), 'name' => (string) $name, 'count' => $count];
        }

        return ['id' => $this->id, 'name' => $this->name, 'held' => [array_filter(['by' => 'lift', 'pieces' => $pieces])]];
    }
}
