<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Fix;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Symptom;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Simulation\KitchenSettings;
use GoodRinse\Core\Simulation\SimulatedEvent;
use GoodRinse\Core\Simulation\SimulatedKitchen;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * The made-up household that the application is shown with: eighteen months of five machines, lived through
 * by the Lab and ending on the day it is loaded with one filter due, vinegar in one tub, one symptom being looked into
 * and one fix to be asked after.
 */
final readonly class DemoHousehold
{
    public const EMAIL = 'ama@marrowick.example';
    public const PASSWORD = 'harbour kettle nineteen';
    private const DAYS = 548;
    private const SEED = 47;
    private const LONGEST_SEARCH = 120;

    public function __construct(
        private Handbook $handbook,
        private ClockInterface $clock,
        private LabHousehold $lab,
        private DemoMeasures $measures,
        private DemoTraces $traces,
        private DemoCupboard $cupboard,
    ) {
    }

    /** Loads it once; loading it again changes nothing. */
    public function load(): User
    {
        return User::query()->where('email', self::EMAIL)->first() ?? DB::transaction($this->make(...));
    }

    private function make(): User
    {
        $ama = $this->lab->found('Ama Okonjo', self::EMAIL, self::PASSWORD, 'Marrowick flat');
        $home = $ama->home();
        $home->update(['hardness' => 19, 'hardness_unit' => 'dH', 'currency' => '€']);
        $this->lab->join('Nils Lindqvist', 'nils@marrowick.example', self::PASSWORD, $home);
        $this->dishwasher($home, $ama);
        $this->others($home, $ama);
        $this->measures->load($home);
        $this->cupboard->load($home);
        $this->traces->load($home, $this->today($home));

        return $ama;
    }

    /** The flat's machine: its filter is a little past due, and vinegar of the last acid wash is still in its tub. */
    private function dishwasher(Household $home, User $ama): void
    {
        $today = $this->today($home);
        $machine = $this->lab->add(
            $home,
            $ama,
            'dishwasher',
            'Tarnbeck 60',
            'Flat above the bindery',
            ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'three', 'outside' => 'steel-front', 'vent' => 'vent', 'sump' => ''],
            ['loadsPerWeek' => 5.0, 'plates' => 'scrape'],
            ['filter' => 'monthly'],
            $today->plus(-self::DAYS),
        );
        $this->lab->live($home, $machine, $this->history(
            $home,
            $machine,
            'filter',
            new KitchenSettings(5.5, 22, partSpread: 0.1, soilSpread: 0.45),
            self::SEED,
            1.05,
            1.2,
        ));
        foreach (['arms' => 70, 'seal' => 26, 'sump' => 220, 'racks' => 75] as $task => $median) {
            $this->lab->live(
                $home,
                $machine,
                $this->openings($this->history($home, $machine, $task, new KitchenSettings(5.5, $median), self::SEED + $median, 0.1, 0.75)),
            );
        }
        // A complete load would clear the tub: the last acid wash came after the last one.
        $loads = $machine->entries()->where('kind', EntryKind::Counter);
        $lastLoad = $loads->orderByDesc('happened_at')->firstOrFail()->happened_at->toDateTimeImmutable();
        $now = $this->clock->now();
        foreach ([0, 64, 127, 190, 252] as $ago) {
            $at = 0 === $ago ? min($now, $lastLoad->modify('+1 minute')) : $today->plus(-$ago)->atTime(18, 40, $home->zone());
            $this->lab->live($home, $machine, [
                new SimulatedEvent($at, new Dose('white-vinegar', 'tub', Portion::of(240, PortionUnit::Millilitres), 5.0)),
                new SimulatedEvent(min($now, $at->modify('+3 hours')), new Opening('inside', null, Fraction::none(), Opening::DONE)),
                ...($ago > 0 ? [new SimulatedEvent($at->modify('+1 day'), new Clearing('tub', 'plain-cycle'))] : []),
            ]);
        }
    }

    /** The cabin's machine, both brewers and the hood, none of them due. */
    private function others(Household $home, User $ama): void
    {
        $from = $this->today($home)->plus(-self::DAYS);
        $machines = [
            [
                'dishwasher',
                'Skerry 45',
                'Cabin',
                [
                    'tub' => 'plastic',
                    'filter' => 'screwed',
                    'arms' => 'two',
                    'mesh' => 'plastic',
                    'screws' => '8',
                    'longScrews' => '4',
                    'bit' => 'star-20',
                ],
                ['loadsPerWeek' => 1.5, 'plates' => 'rinse'],
                ['mouth-look' => 1.5, 'strip' => 1.5],
                14,
            ],
            [
                'drip-brewer',
                'Morning Pot',
                'Flat above the bindery',
                ['programme' => 'programmed', 'filterKind' => 'permanent', 'disc' => 'disc', 'brewMl' => '1200', 'tankMl' => '1500'],
                ['brewsPerWeek' => 7.0],
                ['descale' => 7.0],
                30,
            ],
            [
                'pod-brewer',
                'Bench Cup',
                'Bindery workshop',
                ['cartridge' => 'cartridge', 'light' => 'light'],
                ['brewsPerWeek' => 12.0],
                ['descale' => 12.0, 'needle' => 12.0],
                70,
            ],
            [
                'hood',
                'Updraft',
                'Flat above the bindery',
                ['metal' => 'aluminium', 'form' => 'layers', 'air' => 'outside', 'filters' => '2'],
                ['cookingHoursPerWeek' => 6.0, 'frying' => 'weekly'],
                ['grease' => 6.0, 'underside' => 6.0],
                24,
            ],
        ];
        foreach ($machines as $number => [$kind, $name, $place, $traits, $habits, $tasks, $median]) {
            $machine = $this->lab->add($home, $ama, $kind, $name, $place, $traits, $habits, [], $from);
            foreach (array_keys($tasks) as $i => $task) {
                $events = $this->history(
                    $home,
                    $machine,
                    $task,
                    new KitchenSettings($tasks[$task], $median * (1 + $i)),
                    self::SEED + 10 * $number + $i,
                    0.1,
                    0.75,
                );
                $this->lab->live($home, $machine, 0 === $i ? $events : $this->openings($events));
            }
            $this->caredFor($home, $machine, array_keys($tasks));
        }
    }

    /**
     * Every other job of the machine, done now and then and last not long ago.
     *
     * @param list<string> $told tasks that have a history
     */
    private function caredFor(Household $home, Machine $machine, array $told): void
    {
        foreach ($this->handbook->kind($machine->kind)->tasksFor($machine->traits) as $id => $task) {
            $every = (int) ($task->school(null)->days ?? 0);
            for ($ago = (int) ($every * 0.4); !in_array($id, $told, true) && $every > 0 && $ago < self::DAYS; $ago += $every) {
                $at = $this->today($home)->plus(-$ago)->atTime(11, 20, $home->zone());
                $this->lab->live($home, $machine, [new SimulatedEvent($at, new Opening($id, null, Fraction::none(), Opening::DONE))]);
            }
        }
    }

    /**
     * The first of many possible histories that ends with the part about as worn as is wanted; the same on
     * every loading of the same day.
     *
     * @return list<SimulatedEvent>
     */
    private function history(
        Household $home,
        Machine $machine,
        string $task,
        KitchenSettings $settings,
        int $seed,
        float $least,
        float $most,
    ): array {
        $kind = $this->handbook->kind($machine->kind);
        $kitchen = new SimulatedKitchen(
            $this->handbook,
            $kind,
            $kind->task($task),
            $machine->habits,
            $machine->schools[$task] ?? null,
            $settings,
            $home->zone(),
        );
        $today = $this->today($home);
        for ($try = 0, $events = []; $try < self::LONGEST_SEARCH; ++$try) {
            [$events, $rhythm] = $kitchen->live($today->plus(-self::DAYS - $try), $today, $seed);
            if ($rhythm->wear >= $least && $rhythm->wear < $most) {
                break;
            }
        }

        return array_values(array_filter($events, fn (SimulatedEvent $event): bool => $event->at <= $this->clock->now()));
    }

    /**
     * @param list<SimulatedEvent> $events
     *
     * @return list<SimulatedEvent> without the uses, which another task's history has counted
     */
    private function openings(array $events): array
    {
        return array_values(array_filter($events, static fn (SimulatedEvent $event): bool => $event->payload instanceof Opening));
    }

    private function today(Household $home): Day
    {
        return Day::at($this->clock->now(), $home->zone());
    }
}
