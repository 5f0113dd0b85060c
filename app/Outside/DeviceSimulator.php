<?php

declare(strict_types=1);

namespace App\Outside;

use App\Actions\Logbook\ActionRefused;
use App\Models\Device;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\Process\Process;

/** Starts the simulated device's own program, as a real one would run somewhere else. */
final readonly class DeviceSimulator
{
    /** Seconds between two events while it runs on, and how many there are. */
    private const EVERY = 2;
    private const TIMES = 4;

    /** @throws ActionRefused when the device has no token to send with */
    public function start(Device $device): void
    {
        if (null === $device->token_sealed) {
            throw ActionRefused::simulatorNeedsToken();
        }
        if (!Cache::lock("simulator.$device->id", self::EVERY * self::TIMES + 2)->get()) {
            throw ActionRefused::alreadyRunning();
        }
        $process = new Process(
            [PHP_BINARY, base_path('artisan'), 'device:simulate', $device->id, '--every='.self::EVERY, '--times='.self::TIMES],
            base_path(),
            null,
            null,
            null,
        );
        $process->setOptions(['create_new_console' => true]);
        $process->disableOutput();
        $process->start();
    }
}
