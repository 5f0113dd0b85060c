<?php

declare(strict_types=1);

namespace App\View\Pages\Kitchen;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\Readers\OpenTraces;
use App\Models\Household;
use App\Models\Machine;
use App\View\Words\Dates;
use App\View\Words\Uses;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Draws up the kitchen: rooms, machines, what is due and what is wrong. */
final readonly class KitchenPage
{
    public function __construct(
        private CareReader $care,
        private OpenTraces $traces,
        private ClockInterface $clock,
    ) {
    }

    public function for(Household $household): KitchenData
    {
        $cares = $this->care->household($household);
        $today = Day::at($this->clock->now(), $household->zone());
        $wrong = $this->wrong($household, $cares);
        $places = [];
        $due = 0;
        foreach ($cares as $care) {
            $tile = MachineTile::of($care, $wrong[$care->machine->id] ?? [], $today);
            $places[$care->machine->place ?? ''][] = $tile;
            $due += $tile->isDue() ? 1 : 0;
        }
        uksort($places, static fn (string|int $a, string|int $b): int => count($places[$b]) <=> count($places[$a])
            ?: strnatcasecmp((string) $a, (string) $b));
        $rooms = [];
        foreach ($places as $name => $tiles) {
            $rooms[] = new KitchenRoom('' === (string) $name ? null : (string) $name, $tiles);
        }

        return new KitchenData($rooms, $this->aside($household, $today), self::headline(count($cares), $due));
    }

    private static function headline(int $all, int $due): string
    {
        return (string) (0 === $all
            ? __('places/kitchen.none')
            : trans_choice('places/kitchen.headline', $due, ['due' => ucfirst(Uses::small($due))]));
    }

    /**
     * @param list<MachineCare> $cares
     *
     * @return array<string, list<string>> symptoms that are being looked into, by machine
     */
    private function wrong(Household $household, array $cares): array
    {
        $wrong = [];
        foreach ($this->traces->of($household, MachineCare::machines($cares))[0] as $trace) {
            $wrong[$trace->machine_id] = [...$wrong[$trace->machine_id] ?? [], ...$this->traces->noticed($trace, $trace->machine)];
        }

        return $wrong;
    }

    /** @return list<array{Machine, string}> */
    private function aside(Household $household, Day $today): array
    {
        return array_values($household->machines()->whereNotNull('retired_on')->orderByDesc('retired_on')->orderBy('name')->get()
            ->map(static fn (Machine $machine): array => [$machine, (string) __("places/retired.left.$machine->retired_how", [
                'day' => Dates::day(Day::of((string) $machine->retired_on), $today),
            ])])->all());
    }
}
