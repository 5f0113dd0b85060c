<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Logbook\Payload\Payload;

/** Something that happened, as it was written down. Entries are never changed. */
final readonly class Entry
{
    /**
     * @param string $id ULID
     * @param int $order place in the order of writing
     * @param \DateTimeImmutable $happenedAt in UTC
     * @param string|null $voids id of the entry that this one takes out of force
     */
    public function __construct(
        public string $id,
        public int $order,
        public \DateTimeImmutable $happenedAt,
        public Payload $payload,
        public ?string $voids = null,
    ) {
    }

    /**
     * @param iterable<self> $entries in any order
     *
     * @return list<self> as they happened, and of one moment as they were written
     */
    public static function inOrder(iterable $entries): array
    {
        $sorted = [...$entries];
        usort($sorted, static fn (self $a, self $b): int => [$a->happenedAt, $a->order, $a->id] <=> [$b->happenedAt, $b->order, $b->id]);

        return $sorted;
    }
}
