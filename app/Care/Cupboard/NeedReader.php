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
        private Handbook $handbook,
        private Repository $cache,
        private ClockInterface $clock,
    ) {
    }

    /** @return array<string, list<Demand>> by supply, each list by day */
    public function of(Household $household): array
    {
        $today = (string) Day::at($this->clock->now(), $household->zone());
        $demands = [];
        foreach ($this->kept(
            "needs.$household->id",
            [$this->care->stamps($household), $household->getAttributes(), $today],
            fn (): array => $this->read($household),
        ) as $each) {
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
            array_push($taken, ...$this->kept(
                "needs.{$care->machine->id}",
                [$care->stamp, $household->getAttributes(), (string) $today, $set],
                fn (): array => $this->machine($care, $today, $set),
            ));
        }
        usort($taken, static fn (array $a, array $b): int => $a[2] <=> $b[2] ?: strcmp($a[5], $b[5]));

        return self::withToolsOnce($taken);
    }

    /**
     * @param array<string, list<int>> $set days from today on which jobs are done in sessions, by their id
     *
     * @return list<Taken>
     */
    private function machine(MachineCare $care, Day $today, array $set): array
    {
        $taken = [];
        foreach ($care->tasks as $task) {
            $some = $this->amounts($task);
            $job = "{$care->machine->id}:$task->id";
            $name = [] === $some ? '' : "{$task->name()}, {$care->machine->name}";
            $days = [] === $some ? null : $this->recurrence($task, $today)?->days(self::DAYS, $set[$job] ?? []);
            foreach ($some as $supply => $amount) {
                // A tool stays when it is used: what matters is when it is needed first.
                $times = null === Supply::toolOf($supply) ? $days ?? [] : array_slice($days ?? [], 0, 1);
                foreach ($times as [$day, $soonest, $latest]) {
                    $taken[] = [$supply, $amount, $day, $soonest, $latest, $name, $job];
                }
            }
        }

        return $taken;
    }

    /**
     * @template T of array
     *
     * @param array<array-key, mixed> $signs what it follows from
     * @param \Closure(): T $make
     *
     * @return T
     */
    private function kept(string $key, array $signs, \Closure $make): array
    {
        $stamp = hash('xxh128', json_encode([self::SHAPE, $this->handbook->version(), $signs], JSON_THROW_ON_ERROR));
        /** @var array{string, T}|null $there */
        $there = $this->cache->get($key);
        if (null === $there || $stamp !== $there[0]) {
            $there = [$stamp, $make()];
            $this->cache->forever($key, $there);
        }

        return $there[1];
    }

    /**
     * A tool that several jobs need is needed by the first of them.
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
        $kept = $task->kept;
        $isPutOff = $task->isPutOff($today);
        $due = $isPutOff ? $kept->remind : $kept->due;
        if ('' === $kept->fullest || (null === $due && !$task->isDue())) {
            return null;
        }
        $due ??= $today->number;
        $day = (float) max(0, $due - $today->number);
        [$from, $to] = $isPutOff || $task->isDue() ? [$due, $due] : $kept->window ?? [$due, $due];

        return new Recurrence(
            [min($day, (float) ($from - $today->number)), $day, max($day, (float) ($to - $today->number))],
            $kept->again,
        );
    }

    /** @return array<string, float> by supply, in its unit */
    private function amounts(TaskCare $task): array
    {
        $supplies = $this->handbook->chemistry()->supplies;
        $job = $task->kept->supplies;
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
            $amounts[Supply::partId($task->machine->id, $part)] = (float) $count;
        }
        foreach (array_intersect($job->tools, array_keys($this->handbook->cupboard()->tools)) as $tool) {
            $amounts[Supply::ofTool($tool)->id] = 1.0;
        }

        return $amounts;
    }
}
