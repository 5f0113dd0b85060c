<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Actions\Account\RecordSecurity;
use App\Actions\Logbook\ActionRefused;
use App\Models\Device;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Support\Str;

/** Lets a counter send what it counts. */
final readonly class AddDevice
{
    public function __construct(private RecordSecurity $record)
    {
    }

    /**
     * @param string|null $id ULID from the page: sent twice, it is one device
     *
     * @throws ActionRefused when the id is some other machine's
     */
    public function handle(Machine $machine, string $name, bool $simulated, ?string $id = null, ?User $by = null): Device
    {
        $there = null === $id ? null : Device::query()->find($id);
        if (null !== $there) {
            return $there->machine_id === $machine->id ? $there : throw ActionRefused::idTaken();
        }
        $device = new Device(
            ['household_id' => $machine->household_id, 'machine_id' => $machine->id, 'name' => $name, 'simulated' => $simulated],
        );
        $device->id = $id ?? (string) Str::ulid();
        $device->save();
        $this->record->handle('device-added', $by, $name, $machine->household_id);

        return $device;
    }
}
