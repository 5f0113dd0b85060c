<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Device;
use App\Models\DeviceEvent;
use App\Support\Scalar;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Simulation\KitchenSettings;
use GoodRinse\Core\Simulation\UseStream;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Http;
use Psr\Clock\ClockInterface;

/**
 * A stand-in for a counter on a machine: it makes up the uses of the days since it was put there, sends them through
 * the same door as a real one, some twice and out of order, and then counts on for a while.
 */
final class DeviceSimulate extends Command
{
    private const BATCH = 40;

    protected $signature = 'device:simulate {device : its id}
        {--days=14 : days before it was added from which it has counted}
        {--every=0 : seconds between events while it counts on}
        {--times=0 : how many events it counts on for}';

    protected $description = 'Run a simulated device for a while';

    public function handle(Handbook $handbook, ClockInterface $clock): int
    {
        $device = Device::query()->with(['machine', 'household'])->find($this->argument('device'));
        if (null === $device || null === $device->token_sealed) {
            $this->error('There is no simulated device of that id with a token.');

            return self::FAILURE;
        }
        $now = $clock->now();
        $events = $this->missed($device, $device->machine->kindIn($handbook)->declaredUsesPerDay($device->machine->habits) * 7, $now);
        foreach (array_chunk($events, self::BATCH) as $batch) {
            $this->send($device, [...array_reverse($batch), $batch[0]], $clock);
        }
        $taken = $device->events()->where('status', DeviceEvent::TAKEN)->where('series', $device->series);
        $total = (float) Scalar::text($taken->max('total'));
        for ($time = 0; $time < (int) $this->option('times'); ++$time) {
            sleep((int) $this->option('every'));
            $this->send($device, [self::event($device, $clock->now(), ++$total)], $clock);
        }
        $this->line(sprintf('%d events were sent.', count($events) + (int) $this->option('times')));

        return self::SUCCESS;
    }

    /**
     * What it has counted since it last said anything, or since some days before it was added.
     *
     * @return list<array{id: string, at: string, total: float}>
     */
    private function missed(Device $device, float $weekly, \DateTimeImmutable $now): array
    {
        $zone = $device->household->zone();
        $last = $device->events()
            ->where('status', DeviceEvent::TAKEN)
            ->where('series', $device->series)
            ->whereNotNull('total')
            ->orderByDesc('at')
            ->orderByDesc('total')
            ->first();
        $from = $last?->at->toDateTimeImmutable()
            ?? Day::at(min($device->created_at ?? $now, $now), $zone)->plus(-max(0, min(366, (int) $this->option('days'))))
                ->atTime(0, 0, $zone);
        $total = $last->total ?? 0.0;
        $events = null === $last ? [self::event($device, $from, 0.0)] : [];
        $stream = new UseStream($weekly, (new KitchenSettings($weekly, 1))->weekdayShape, $zone);
        for ($day = Day::at($from, $zone); !$day->isAfter(Day::at($now, $zone)); $day = $day->plus(1)) {
            foreach ($stream->on($day, new Dice($day->number * 7919 + crc32($device->id) % 7919)) as $at) {
                if ($at > $from && $at <= $now) {
                    $events[] = self::event($device, $at, ++$total);
                }
            }
        }

        return $events;
    }

    /** @return array{id: string, at: string, total: float} */
    private static function event(Device $device, \DateTimeImmutable $at, float $total): array
    {
        return ['id' => sprintf('sim-%d-%d', $device->series, (int) $total), 'at' => $at->format(DATE_ATOM), 'total' => $total];
    }

    /** @param list<array{id: string, at: string, total: float}> $events */
    private function send(Device $device, array $events, ClockInterface $clock): void
    {
        Http::withToken((string) $device->token_sealed)->acceptJson()->timeout(15)
            ->post(config()->string('app.url').'/device/events', ['sent' => $clock->now()->format(DATE_ATOM), 'events' => $events])
            ->throw();
    }
}
