<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Lab\Kitchen;
use GoodRinse\Core\Lab\KitchenSettings;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** A household with four busy machines and ten years of entries, for measuring. */
final readonly class TenYearHousehold
{
    public const EMAIL = 'ten.years@marrowick.example';
    private const MACHINES = 4;
    private const DAYS = 3652;
    private const LOADS_A_WEEK = 10.5;

    public function __construct(
        private Handbook $handbook,
        private ClockInterface $clock,
        private LabHousehold $lab,
    ) {
    }

    /** @return int how many entries it has */
    public function load(): int
    {
        $user = User::query()->where('email', self::EMAIL)->first() ?? DB::transaction($this->make(...));

        return $user->home()->entries()->count();
    }

    private function make(): User
    {
        $user = $this->lab->found('Old Hand', self::EMAIL, DemoHousehold::PASSWORD, 'Ten years');
        $home = $user->home();
        $kind = $this->handbook->kind('dishwasher');
        $habits = ['loadsPerWeek' => self::LOADS_A_WEEK, 'plates' => 'scrape'];
        $today = Day::at($this->clock->now(), $home->zone());
        for ($number = 1; $number <= self::MACHINES; ++$number) {
            $machine = $this->lab->add($home, $user, 'dishwasher', "Machine $number", null, ['tub' => 'plastic', 'filter' => 'twist-out', 'arms' => 'two'], $habits, [], $today->plus(-self::DAYS));
            $kitchen = new Kitchen($this->handbook, $kind, $kind->task('filter'), $habits, null, new KitchenSettings(self::LOADS_A_WEEK, 30), $home->zone());
            [$events] = $kitchen->live($today->plus(-self::DAYS), $today->plus(-1), $number);
            $this->lab->live($home, $machine, $events);
        }

        return $user->refresh();
    }
}
