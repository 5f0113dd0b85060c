<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Models\Device;
use Illuminate\Support\Str;

/** Gives a device a new token; the one before opens nothing from then on. */
final readonly class RotateDeviceToken
{
    /** @return string the token; it is shown now and never again */
    public function handle(Device $device): string
    {
        $token = Str::random(40);
        $device->update(['token_hash' => Device::hash($token), 'token_sealed' => $device->simulated ? $token : null]);

        return $token;
    }
}
