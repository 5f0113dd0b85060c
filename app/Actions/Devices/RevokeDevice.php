<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Models\Device;

/** Shuts a device out. What it has counted stays. */
final readonly class RevokeDevice
{
    public function handle(Device $device): void
    {
        $device->update(['token_hash' => null, 'token_sealed' => null]);
    }
}
