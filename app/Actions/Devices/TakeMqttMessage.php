<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Models\Device;
use Psr\Clock\ClockInterface;

/**
 * Takes in what a counter publishes: under …/ITS-ID/total the number it shows, under …/ITS-ID/events what it would post. Whose
 * topics they are is the broker's to guard.
 */
final readonly class TakeMqttMessage
{
    public function __construct(private ReceiveDeviceEvents $receive, private ClockInterface $clock)
    {
    }

    /** @return string what became of it, for the log of the bridge */
    public function handle(string $topic, string $sent): string
    {
        $parts = explode('/', $topic);
        $what = array_pop($parts);
        $device = Device::query()->with(['machine', 'household'])->whereNotNull('token_hash')->find(array_pop($parts) ?? '');
        if (null === $device) {
            return 'no such counter';
        }
        $now = $this->clock->now();
        $given = 'total' === $what
            ? ['events' => [['id' => 'mqtt-'.$now->format('YmdHis').'-'.md5($sent), 'at' => $now->getTimestamp(), 'total' => trim($sent)]]]
            : json_decode($sent, true, 8);
        $events = is_array($given) && is_array($given['events'] ?? null) ? $given['events'] : [];
        if ([] === $events || count($events) > DeviceMessages::MOST) {
            return 'cannot be read';
        }
        foreach ($events as $event) {
            if (null !== $wrong = DeviceMessages::wrong($event)) {
                return "cannot be read: $wrong";
            }
        }
        [$statuses] = $this->receive->handle($device, DeviceMessages::read($events), DeviceMessages::time($given['sent'] ?? null));

        return implode(', ', array_unique($statuses));
    }
}
