<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Payload;

/** What a round has written about a step, as the table holds it. */
final readonly class EntryRecord
{
    public const COLUMNS = ['id', 'part', 'kind', 'happened_at', 'payload', 'step'];

    /**
     * @param array<array-key, mixed> $payload its payload
     * @param int $happenedAt seconds since 1970
     */
    private function __construct(
        public string $id,
        public ?string $part,
        public string $step,
        private EntryKind $kind,
        private array $payload,
        public int $happenedAt,
    ) {
    }

    public static function read(object $row): self
    {
        /** @var object{id: string, part: string|null, kind: string, happened_at: string, payload: string, step: string} $row */
        return new self(
            $row->id,
            $row->part,
            $row->step,
            EntryKind::from($row->kind),
            (array) json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR),
            (int) strtotime("$row->happened_at UTC"),
        );
    }

    public function matches(Payload $payload): bool
    {
        return $this->kind === $payload->kind() && $this->payload == $payload->toArray();
    }

    public function payload(): Payload
    {
        return $this->kind->decode($this->payload);
    }
}
