<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Trace;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** Knows which traces go on, and which fixes are to be asked after. */
final readonly class OpenTraces
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook, private HistoryReader $histories)
    {
    }

    /**
     * @param array<string, Machine> $machines of the household that are in use, by id
     *
     * @return array{list<Trace>, list<Trace>} those that go on, and those to be asked after
     */
    public function of(Household $household, array $machines): array
    {
        /** @var Collection<int, Trace> $traces */
        $traces = Trace::query()->where('household_id', $household->id)->whereIn('machine_id', array_keys($machines))
            ->where(static fn ($query) => $query->whereNull('ended_at')->orWhere(
                static fn ($query) => $query->where('ended_how', Trace::FIXED)->whereNull('held'),
            ))
            ->orderBy('id')
            ->get()
            ->each(static fn (Trace $trace): Trace => $trace->setRelation('machine', $machines[$trace->machine_id]));

        return [
            array_values($traces->filter(static fn (Trace $trace): bool => null === $trace->ended_at)->all()),
            array_values(
                $traces->filter(fn (Trace $trace): bool => null !== $trace->ended_at && $this->isToBeAsked($trace, $household))->all(),
            ),
        ];
    }

    /**
     * What somebody was called for on a machine who has not said yet what it was.
     *
     * @return list<string> symptoms in words, one for each call of the last days
     */
    public function called(Machine $machine): array
    {
        $since = $this->clock->now()->modify(sprintf('-%d days', $this->handbook->asking()->reopenDays));
        $traces = Trace::query()->where('machine_id', $machine->id)
            ->where('ended_how', Trace::CALLED)
            ->whereNull('held')
            ->whereNull('note')
            ->where('ended_at', '>=', $since->format('Y-m-d H:i:s'))
            ->get();

        return array_values($traces->map(
            fn (Trace $trace): string => mb_strtolower(implode(', ', $this->noticed($trace, $machine))),
        )->all());
    }

    /** @return list<string> what was noticed on the machine, in words; ids of what the handbook no longer knows */
    public function noticed(Trace $trace, Machine $machine): array
    {
        return $this->handbook->trouble($machine->kind)?->namesOf($trace->noticed()) ?? $trace->noticed();
    }

    public function isToBeAsked(Trace $trace, Household $household): bool
    {
        if (null === $trace->ended_at || Trace::FIXED !== $trace->ended_how || null !== $trace->held) {
            return false;
        }
        $asking = $this->handbook->asking();
        $uses = $this->histories->usesSince(
            $trace->machine,
            $household->zone(),
            $trace->ended_at->toDateTimeImmutable(),
            $this->clock->now(),
        );

        return $asking->asksWhetherItHeld($uses, $trace->ended_at->toDateTimeImmutable(), $this->clock->now());
    }
}
