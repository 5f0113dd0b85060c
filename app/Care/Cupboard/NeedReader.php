<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\Sessions\AheadReader;
use App\Care\Sessions\SessionWish;
use App\Care\TaskCare;
use App\Models\Household;
use GoodRinse\Core\Cupboard\Demand;
use GoodRinse\Core\Cupboard\Recurrence;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use Illuminate\Contracts\Cache\Repository;
use Psr\Clock\ClockInterface;

/**
 * Reads what a household's care takes from the cupboard in the year ahead: every task as its rhythm has it, or on the days of
 * the sessions the household keeps. It is kept until a machine, a rhythm or a setting changes.
 *
 * @phpstan-type Taken array{string, float, int, int, int, string, string}
 */
final readonly class NeedReader
{
    /** Days that it looks ahead. */
    public const DAYS = 365;

    /** Goes up when what is kept changes its shape. */
    private const SHAPE = 1;

    public function __construct(
        private CareReader $care,
        private AheadReader $ahead,
        private JobSupplyReader $jobs,
        private Handbook $handbook,
        private Repository $cache,
        private ClockInterface $clock,
    ) {
    }

    /** @return array<string, list<Demand>> by supply, each list by day */
    public function of(Household $household): array
    {
        $stamp = hash('xxh128', json_encode([
            self::SHAPE,
            $this->care->stamps($household),
            $household->getAttributes(),
            (string) Day::at($this->clock->now(), $household->zone()),
        ], JSON_THROW_ON_ERROR));
        $key = "needs.$household->id";
        $kept = $this->cache->get($key);
        if (!is_array($kept) || $stamp !== ($kept[0] ?? null)) {
            $kept = [$stamp, $this->read($household)];
            $this->cache->forever($key, $kept);
        }
        $demands = [];
        /** @var list<Taken> $taken */
        $taken = $kept[1];
        foreach ($taken as $each) {
            $demands[$each[0]][] = new Demand(...$each);
        }

        return $demands;
    }

    /** @return list<Taken> what a Demand is made of */
    private function read(Household $household): array
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $wish = SessionWish::kept($household);
        $set = null === $wish ? [] : self::days($this->ahead->read($household, $wish)->plan->sessions);
        $taken = [];
        foreach ($this->care->household($household) as $care) {
            $amounts = $this->amounts($care, $household);
            foreach ($amounts as $id => $some) {
                $task = $care->tasks[$id];
                $days = $this->recurrence($task, $today)?->days(self::DAYS, $set["{$care->machine->id}:$task->id"] ?? []) ?? [];
                foreach ($some as $supply => $amount) {
                    foreach ($days as [$day, $soonest, $latest]) {
                        $job = "{$task->name()}, {$care->machine->name}";
                        $taken[] = [$supply, $amount, $day, $soonest, $latest, $job, "{$care->machine->id}:$task->id"];
                    }
                }
            }
        }
        usort($taken, static fn (array $a, array $b): int => [$a[2], $a[5]] <=> [$b[2], $b[5]]);

        return self::withToolsOnce($taken);
    }

    /**
     * A tool stays when it is used: what matters is when it is needed first.
     *
     * @param list<Taken> $taken by day
     *
     * @return list<Taken>
     */
    private static function withToolsOnce(array $taken): array
    {
        $seen = $once = [];
        foreach ($taken as $each) {
            if (null === Supply::toolOf($each[0]) || !isset($seen[$each[0]])) {
                $once[] = $each;
            }
            $seen[$each[0]] = true;
        }

        return $once;
    }

    /**
     * @param list<\GoodRinse\Core\Plan\Ahead\SessionDay> $sessions
     *
     * @return array<string, list<int>> days from today on which each job is done, by its id
     */
    private static function days(array $sessions): array
    {
        $days = [];
        foreach ($sessions as $session) {
            foreach ($session->jobs as $job) {
                $days[$job->job->id][] = $session->day;
            }
        }

        return $days;
    }

    /** Null for what follows no clock, or has nothing that does it on this machine. */
    private function recurrence(TaskCare $task, Day $today): ?Recurrence
    {
        $rhythm = $task->rhythm;
        $isPutOff = $task->isPutOff($today);
        $due = $isPutOff ? $rhythm->remindOn : $rhythm->dueOn;
        if ('' === $task->fullest() || (null === $due && !$task->isDue())) {
            return null;
        }
        $day = (float) max(0, $due?->since($today) ?? 0);
        $window = null === $rhythm->window || $isPutOff || $task->isDue() ? null : $rhythm->window;

        return new Recurrence(
            [
                min($day, (float) ($window[0] ?? $due ?? $today)->since($today)),
                $day,
                max($day, (float) ($window[1] ?? $due ?? $today)->since($today)),
            ],
            $rhythm->again($today),
        );
    }

    /**
     * Kept until something of the machine or the household changes.
     *
     * @return array<string, array<string, float>> amounts by task and supply, in the supply's unit
     */
    private function amounts(MachineCare $care, Household $household): array
    {
        $stamp = hash('xxh128', json_encode([self::SHAPE, $care->stamp, $household->getAttributes()], JSON_THROW_ON_ERROR));
        $key = "jobs.{$care->machine->id}";
        /** @var array{string, array<string, array<string, float>>}|null $kept */
        $kept = $this->cache->get($key);
        if (null === $kept || $stamp !== $kept[0]) {
            $kept = [$stamp, array_filter(array_map(
                fn (TaskCare $task): array => '' === $task->fullest() ? [] : $this->amountsOf($care, $task, $household),
                $care->tasks,
            ))];
            $this->cache->forever($key, $kept);
        }

        return $kept[1];
    }

    /** @return array<string, float> by supply, in its unit */
    private function amountsOf(MachineCare $care, TaskCare $task, Household $household): array
    {
        $supplies = $this->handbook->chemistry()->supplies;
        $job = $this->jobs->of($care, $task->fullest(), $household);
        $amounts = [];
        foreach ($job->poured as $agent => $portions) {
            foreach ($portions as $unit => $count) {
                $amount = ($supplies[$agent] ?? null)?->inUnit(Portion::of($count, PortionUnit::from($unit))) ?? 0.0;
                if ($amount > 0) {
                    $amounts[$agent] = ($amounts[$agent] ?? 0.0) + $amount;
                }
            }
        }
        foreach ($job->fitted as $part => $count) {
            $amounts[Supply::partId($care->machine->id, $part)] = (float) $count;
        }
        foreach (array_intersect($job->tools, array_keys($this->handbook->cupboard()->tools)) as $tool) {
            $amounts[Supply::ofTool($tool)->id] = 1.0;
        }

        return $amounts;
    }
}
