<?php

declare(strict_types=1);

namespace App\View\Pages\Devices;

use App\Models\Device;
use App\Models\DeviceEvent;
use App\Models\Household;
use App\View\PageData;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Collection;

/** What DevicePage::for() hands to its view. */
final readonly class DeviceData extends PageData
{
    /**
     * @param Collection<int, DeviceEvent> $events
     * @param Collection<int, DeviceEvent> $held
     */
    public function __construct(
        public Device $device,
        public MachineKind $kind,
        public Household $household,
        public Day $today,
        public Collection $events,
        public int $count,
        public Collection $held,
        public ?DeviceEvent $before,
    ) {
    }
}
