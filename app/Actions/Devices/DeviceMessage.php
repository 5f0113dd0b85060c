<?php

declare(strict_types=1);

namespace App\Actions\Devices;

/** One event as a device sent it: a running total, or a light. */
final readonly class DeviceMessage
{
    /**
     * @param string $event the device's own id of it, the same whenever it is sent again
     * @param \DateTimeImmutable $at by the device's clock
     */
    public function __construct(
        public string $event,
        public \DateTimeImmutable $at,
        public ?float $total,
        public ?string $light,
        public bool $lit,
    ) {
    }
}
