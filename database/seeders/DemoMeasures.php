<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Care\Measures\ArmReader;
use App\Care\Measures\ArmState;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Flow\CupReading;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Measured\CupRecord;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Simulation\SimulatedEvent;
use Psr\Clock\ClockInterface;

/** What the demo household has measured: jets, cups, weights and times, beside the openings that the Lab made. */
final readonly class DemoMeasures
{
    private const SEED = 19;
    private const FILTERS = 640.0;

    public function __construct(private LabHousehold $lab, private ArmReader $arms, private ClockInterface $clock)
    {
    }

    public function load(Household $home): void
    {
        $dice = new Dice(self::SEED);
        $this->jetsAndCups($home, $this->machine($home, 'Tarnbeck 60'), $dice);
        $this->weights($home, $this->machine($home, 'Updraft'), $dice);
        $this->times($home, $this->machine($home, 'Morning Pot'), $dice);
    }

    /** At each opening of the arms a map as they were found and one as they went back, and a cup test after it. */
    private function jetsAndCups(Household $home, Machine $machine, Dice $dice): void
    {
        foreach ($this->openings($machine, 'arms') as [$at, $opening]) {
            $arms = $this->arms->layout($machine);
            $stands = [];
            foreach ($arms as $arm) {
                $stands[$arm->arm->id] = array_map(static fn (array $ring): array => [$ring['to'], $ring['holds']], $arm->rings);
            }
            $found = $this->soiled($arms, $opening->found->value ?? 0.0, $dice);
            $open = array_map(static fn (ArmState $arm): SprayArm => $arm->arm, $arms);
            if ([] === $found || [] === $open) {
                continue;
            }
            $rate = 190.0 + 12 * $dice->normal();
            $this->lab->live($home, $machine, $this->past([
                new SimulatedEvent($at, new JetMap($found, $stands, JetMap::FOUND)),
                new SimulatedEvent($at->modify('+25 minutes'), new JetMap($open, $stands, JetMap::LEFT)),
                new SimulatedEvent($at->modify('+1 day'), new CupRecord(
                    [new CupReading(0.0, 0.0), new CupReading(1.0, round($rate * 0.12)), new CupReading(2.0, round($rate * 1.12))],
                    330.0,
                    'straight',
                    true,
                )),
            ]));
        }
    }

    /**
     * Arms of which about that share is shut: the same jets mostly, as dirt has its places.
     *
     * @param list<ArmState> $arms
     *
     * @return list<SprayArm>
     */
    private function soiled(array $arms, float $share, Dice $dice): array
    {
        $jets = array_sum(array_map(static fn (ArmState $arm): int => count($arm->arm->jets), $arms));
        $left = $share * $jets;
        $soiled = [];
        foreach ($arms as $arm) {
            $marked = [];
            foreach ($arm->arm->jets as $jet) {
                $blocked = $left >= 1 && $dice->uniform() < $share * 1.3 ? Jet::SHUT : Jet::OPEN;
                $blocked = Jet::OPEN === $blocked && $left >= 0.5 && $dice->uniform() < $share * 0.3 ? Jet::HALF : $blocked;
                $left -= $blocked;
                $marked[] = new Jet($jet->place, $jet->side, $jet->bore, $blocked);
            }
            $soiled[] = new SprayArm($arm->arm->id, $marked);
        }

        return $soiled;
    }

    /** The filters on the scales before and after each wash; since the summer there is more frying. */
    private function weights(Household $home, Machine $machine, Dice $dice): void
    {
        $before = null;
        foreach ($this->openings($machine, 'grease') as [$at]) {
            if (null !== $before) {
                $weeks = ($at->getTimestamp() - $before->getTimestamp()) / 604800;
                $recent = $at > $this->clock->now()->modify('-80 days');
                $grease = $weeks * 6 * ($recent ? 2.1 : 1.0) * exp(0.15 * $dice->normal());
                $this->lab->live($home, $machine, $this->past([
                    new SimulatedEvent($at, new Measurement('weight-before', round(self::FILTERS + $grease))),
                    new SimulatedEvent($at->modify('+2 hours'), new Measurement('weight-after', self::FILTERS + $dice->between(-1, 1))),
                ]));
            } else {
                $this->lab->live($home, $machine, $this->past([
                    new SimulatedEvent($at->modify('+2 hours'), new Measurement('weight-after', self::FILTERS)),
                ]));
            }
            $before = $at;
        }
    }

    /** A pot against the clock after each descaling and some weeks later, and what ran out. */
    private function times(Household $home, Machine $machine, Dice $dice): void
    {
        foreach ($this->openings($machine, 'descale') as [$at, $opening]) {
            $slowed = 1 + 0.5 * ($opening->found->value ?? 0.0);
            $this->lab->live($home, $machine, $this->past([
                new SimulatedEvent($at->modify('-1 day'), new Measurement('pot-minutes', round(6.2 * $slowed + 0.1 * $dice->normal(), 2))),
                new SimulatedEvent($at, new Measurement('clarity', picks: [$dice->uniform() < 0.3 ? 'clear' : 'cloudy'])),
                new SimulatedEvent($at->modify('+1 day'), new Measurement('pot-minutes', round(6.2 + 0.1 * $dice->normal(), 2))),
            ]));
        }
    }

    /** @return list<array{\DateTimeImmutable, Opening}> */
    private function openings(Machine $machine, string $task): array
    {
        $openings = [];
        $query = $machine->entries()->where('kind', EntryKind::Opening)->where('payload->task', $task)->orderBy('happened_at');
        foreach ($query->get()->all() as $entry) {
            $payload = $entry->decode();
            if ($payload instanceof Opening) {
                $openings[] = [$entry->happened_at->toDateTimeImmutable(), $payload];
            }
        }

        return $openings;
    }

    /**
     * @param list<SimulatedEvent> $events
     *
     * @return list<SimulatedEvent> those that have happened by now
     */
    private function past(array $events): array
    {
        return array_values(array_filter($events, fn (SimulatedEvent $event): bool => $event->at <= $this->clock->now()));
    }

    private function machine(Household $home, string $name): Machine
    {
        return $home->machines()->where('name', $name)->firstOrFail();
    }
}
