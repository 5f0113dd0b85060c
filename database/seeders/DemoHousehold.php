<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\RegisterUser;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Lab\Kitchen;
use GoodRinse\Core\Lab\KitchenSettings;
use GoodRinse\Core\Lab\LabEvent;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * The made-up household that the application is shown with: eighteen months of a dishwasher, lived through
 * by the Lab and ending on the day it is loaded with the filter due.
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
        private RegisterUser $register,
        private LabHousehold $lab,
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
        $nils = $this->register->handle('Nils Lindqvist', 'nils@marrowick.example', self::PASSWORD);
        $nils->household()->associate($home)->save();
        $machine = $this->lab->add(
            $home,
            $ama,
            'Tarnbeck 60',
            'Flat above the bindery',
            ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'three'],
            ['loadsPerWeek' => 5.0, 'plates' => 'scrape'],
            ['filter' => 'monthly'],
        );
        $this->lab->live($home, $machine, $this->history($machine, $home->zone()));

        return $ama;
    }

    /**
     * The first of many possible histories that ends with the filter a little past due; the same on every
     * loading of the same day.
     *
     * @return list<LabEvent>
     */
    private function history(Machine $machine, \DateTimeZone $zone): array
    {
        $kind = $this->handbook->kind($machine->kind);
        $kitchen = new Kitchen($this->handbook, $kind, $kind->task('filter'), $machine->habits, 'monthly', new KitchenSettings(5.5, 22, partSpread: 0.1, soilSpread: 0.45), $zone);
        $today = Day::at($this->clock->now(), $zone);
        $events = [];
        for ($try = 0; $try < self::LONGEST_SEARCH; ++$try) {
            [$events, $rhythm] = $kitchen->live($today->plus(-self::DAYS - $try), $today, self::SEED);
            if ($rhythm->wear >= 1.05 && $rhythm->wear < 1.2) {
                break;
            }
        }

        return array_values(array_filter($events, fn (LabEvent $event): bool => $event->at <= $this->clock->now()));
    }
}
