<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Models\Device;
use App\Models\Machine;

/** Lets a counter send what it counts. */
final readonly class AddDevice
{
    public function handle(Machine $machine, string $name, bool $simulated): Device
    {
        return Device::query()->create(
            ['household_id' => $machine->household_id, 'machine_id' => $machine->id, 'name' => $name, 'simulated' => $simulated],
        );
    }
}
