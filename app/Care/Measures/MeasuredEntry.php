<?php

declare(strict_types=1);

namespace App\Care\Measures;

use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * Something that was measured, with when it was.
 *
 * @template-covariant P of Payload
 */
final readonly class MeasuredEntry
{
    /** @param P $payload */
    public function __construct(
        public string $id,
        public \DateTimeImmutable $at,
        public Payload $payload,
        public ?string $round = null,
        public ?string $step = null,
    ) {
    }
}
