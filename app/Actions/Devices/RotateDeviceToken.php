<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Actions\Account\RecordSecurity;
use App\Models\Device;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Gives a device a new token; the one before opens nothing from then on. */
final readonly class RotateDeviceToken
{
    public function __construct(private RecordSecurity $record)
    {
    }

    /**
     * @param User|null $by who asked for it; null for the first one, which comes with the device
     *
     * @return string the token; it is shown now and never again
     */
    public function handle(Device $device, ?User $by = null): string
    {
        $token = Str::random(40);
        DB::transaction(function () use ($device, $by, $token): void {
            $device->update(['token_hash' => Device::hash($token), 'token_sealed' => $device->simulated ? $token : null]);
            null === $by || $this->record->handle('device-token', $by, $device->name, $device->household_id);
        });

        return $token;
    }
}
