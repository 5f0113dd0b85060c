<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Machine;
use App\Models\Round;
use GoodRinse\Core\Logbook\Payload\Payload;

/** An entry that is about to be written. */
final readonly class EntryDraft
{
    /** What the id of an opening is derived with that follows from the measurement written beside it. */
    public const OPENING = 'opening';

    /**
     * @param string|null $id ULID made where it happened; null to make one here
     * @param string|null $corrects id of the entry that this one stands instead of
     * @param string|null $voids id of the entry that this one takes out of force
     */
    public function __construct(
        public Payload $payload,
        public \DateTimeImmutable $happenedAt,
        public string $source,
        public ?Machine $machine = null,
        public ?string $part = null,
        public ?Round $round = null,
        public ?string $step = null,
        public ?string $voids = null,
        public ?string $id = null,
        public ?string $corrects = null,
    ) {
    }
}
