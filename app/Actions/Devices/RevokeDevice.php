<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Actions\Account\RecordSecurity;
use App\Models\Device;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Shuts a device out. What it has counted stays. */
final readonly class RevokeDevice
{
    public function __construct(private RecordSecurity $record)
    {
    }

    public function handle(Device $device, User $by): void
    {
        DB::transaction(function () use ($device, $by): void {
            $device->update(['token_hash' => null, 'token_sealed' => null]);
            $this->record->handle('device-removed', $by, $device->name, $device->household_id);
        });
    }
}
