<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Models\Entry;
use App\Models\User;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Simulation\KitchenSettings;
use GoodRinse\Core\Simulation\SimulatedEvent;
use GoodRinse\Core\Simulation\SimulatedKitchen;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** A household with five busy machines, every task of theirs on a clock, and years of entries, for measuring. */
final readonly class BusyHousehold
{
    public const YEARS = 10;
    private const MACHINES = 5;
    private const DAYS_A_YEAR = 365.25;
    private const LOADS_A_WEEK = 10.5;
    /** The task for which vinegar is poured. */
    private const ACID = 'inside';
    private const TRAITS = ['tub' => 'plastic', 'filter' => 'twist-out', 'arms' => 'two', 'softener' => 'salt'];

    public function __construct(
        private Handbook $handbook,
        private ClockInterface $clock,
        private LabHousehold $lab,
        private WriteEntries $write,
    ) {
    }

    public static function email(int $years): string
    {
        return "years.$years@marrowick.example";
    }

    /** @return array{int, int} how many entries it has, and how many tasks */
    public function load(int $years): array
    {
        $user = User::query()->where('email', self::email($years))->first() ?? DB::transaction(fn (): User => $this->make($years));

        return [$user->home()->entries()->count(), self::MACHINES * count($this->handbook->kind('dishwasher')->tasksFor(self::TRAITS))];
    }

    private function make(int $years): User
    {
        $days = (int) ($years * self::DAYS_A_YEAR);
        $user = $this->lab->found('Old Hand', self::email($years), DemoHousehold::PASSWORD, "A household of $years years");
        $home = $user->home();
        $kind = $this->handbook->kind('dishwasher');
        $habits = ['loadsPerWeek' => self::LOADS_A_WEEK, 'plates' => 'scrape'];
        $today = Day::at($this->clock->now(), $home->zone());
        $schools = array_map($this->clocked(...), $kind->tasks());
        for ($number = 1; $number <= self::MACHINES; ++$number) {
            $machine = $this->lab->add(
                $home,
                $user,
                'dishwasher',
                "Machine $number",
                null,
                self::TRAITS,
                $habits,
                $schools,
                $today->plus(-$days),
            );
            $kitchen = new SimulatedKitchen(
                $this->handbook,
                $kind,
                $kind->task('filter'),
                $habits,
                null,
                new KitchenSettings(self::LOADS_A_WEEK, 30),
                $home->zone(),
            );
            [$events] = $kitchen->live($today->plus(-$days), $today->plus(-1), $number);
            $this->lab->live($home, $machine, $events);
            $this->lab->live($home, $machine, $this->others($kind, $schools, $today, $days, $home->zone(), new Dice($number)));
        }

        $this->write->handle($home, null, $this->purchases($today, $days, $home->zone()));

        return $user->refresh();
    }

    /** @return list<EntryDraft> vinegar and soap, every month */
    private function purchases(Day $today, int $days, \DateTimeZone $zone): array
    {
        $drafts = [];
        for ($ago = $days; $ago > 0; $ago -= 30) {
            foreach (['white-vinegar' => 1000.0, 'dish-soap' => 500.0] as $supply => $ml) {
                $bought = new Purchase($supply, Portion::of($ml, PortionUnit::Millilitres), 2, 3.5, 'Corner shop');
                $drafts[] = new EntryDraft($bought, $today->plus(-$ago)->atTime(17, 0, $zone), Entry::BY_DEMO);
            }
        }

        return $drafts;
    }

    /** A school of the task that follows a clock. */
    private function clocked(CareTask $task): string
    {
        foreach ($task->schools as $school) {
            if (!$school->isOff()) {
                return $school->id;
            }
        }

        return $task->school(null)->id;
    }

    /**
     * Openings of every task but the filter, about as often as its school has it.
     *
     * @param array<string, string> $schools
     *
     * @return list<SimulatedEvent>
     */
    private function others(MachineKind $kind, array $schools, Day $today, int $days, \DateTimeZone $zone, Dice $dice): array
    {
        $events = [];
        foreach ($kind->tasksFor(self::TRAITS) as $id => $task) {
            $grades = $this->handbook->scales()->scale($kind->procedures->scaleOf($id, self::TRAITS))->grades;
            $every = $task->school($schools[$id])->days ?? 30;
            for ($ago = $days; 'filter' !== $id && $ago > 0; $ago -= max(1, (int) round($dice->lognormal($every, 0.2)))) {
                $at = $today->plus(-$ago)->atTime(11, 0, $zone);
                $events[] = new SimulatedEvent($at, new Opening($id, $grades[$dice->between(0, 3)]->fraction, Fraction::none()));
                if (self::ACID === $id) {
                    $vinegar = Portion::of(240, PortionUnit::Millilitres);
                    $events[] = new SimulatedEvent($at, new Dose('white-vinegar', 'tub', $vinegar, 5.0));
                    $events[] = new SimulatedEvent($at->modify('+2 hours'), new Clearing('tub', 'plain-cycle'));
                }
            }
        }

        return $events;
    }
}
