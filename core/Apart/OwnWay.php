<?php

declare(strict_types=1);

namespace GoodRinse\Core\Apart;

/** What a household knows better about a part of its machine than the handbook does. */
final readonly class OwnWay
{
    /**
     * @param array<string, int> $counts how many of a piece there are, by its id
     * @param string|null $loose what lies loose under it, in the household's words; empty for nothing
     * @param string|null $way which way round it goes
     * @param string|null $note anything else
     * @param string|null $photo id of a picture of it
     * @param list<string>|null $first parts that come off before it; null where the handbook's order stands
     * @param array<string, int> $pieces how many of each piece that the handbook does not know, by name
     */
    public function __construct(
        public array $counts = [],
        public ?string $loose = null,
        public ?string $way = null,
        public ?string $note = null,
        public ?string $photo = null,
        public ?array $first = null,
        public array $pieces = [],
    ) {
    }

    public function isEmpty(): bool
    {
        return [] === $this->toArray();
    }

    /** @return array<string, mixed> what read() reads back */
    public function toArray(): array
    {
        return array_filter(
            [
                'counts' => $this->counts,
                'loose' => $this->loose,
                'way' => $this->way,
                'note' => $this->note,
                'photo' => $this->photo,
                'first' => $this->first,
                'pieces' => $this->pieces,
            ],
            static fn (mixed $value): bool => null !== $value && [] !== $value,
        ) + (
            null === $this->first ? [] : ['first' => $this->first]
        );
    }

    /** @param array<array-key, mixed> $data */
    public static function read(array $data): self
    {
        $text = static fn (string $key): ?string => is_string($data[$key] ?? null) ? $data[$key] : null;
        $counts = [];
        foreach (is_array($data['counts'] ?? null) ? $data['counts'] : [] as $piece => $count) {
            if (is_int($count)) {
                $counts[(string) $piece] = $count;
            }
        }

        $pieces = array_filter(
            is_array($data['pieces'] ?? null) ? $data['pieces'] : [],
            static fn (mixed $count, mixed $piece): bool => is_int($count) && is_string($piece),
            ARRAY_FILTER_USE_BOTH,
        );
        $first = is_array($data['first'] ?? null) ? array_values(array_filter($data['first'], is_string(...))) : null;

        return new self($counts, $text('loose'), $text('way'), $text('note'), $text('photo'), $first, $pieces);
    }
}
