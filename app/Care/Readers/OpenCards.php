<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Machine;
use App\Models\Round;
use App\Models\Trace;
use Carbon\CarbonInterface;
use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Handbook;

/** Finds the card of an open trace that something was done for. */
final readonly class OpenCards
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * The trace that a round was done for, with its card; the newest that was open before it where no card was.
     *
     * @return array{trace: Trace, card: string|null}|null
     */
    public function afterRound(Round $round): ?array
    {
        return $this->find(
            $round->machine,
            static fn (FaultAction $action): bool => in_array($action->procedure, $round->procedures, true),
            $round->started_at,
        );
    }

    /**
     * The trace that a new part was fitted for, with its card.
     *
     * @return array{trace: Trace, card: string|null}|null
     */
    public function afterFitting(Machine $machine, string $part): ?array
    {
        $faults = $this->handbook->trouble($machine->kind);
        $found = null === $faults ? null : $this->find(
            $machine,
            static fn (FaultAction $action): bool => FaultAction::PART === $action->kind && $faults->partOf($action) === $part,
        );

        return null === ($found['card'] ?? null) ? null : $found;
    }

    /**
     * @param \Closure(FaultAction): bool $isIt
     *
     * @return array{trace: Trace, card: string|null}|null
     */
    private function find(Machine $machine, \Closure $isIt, ?CarbonInterface $begunBy = null): ?array
    {
        $faults = $this->handbook->trouble($machine->kind);
        $open = Trace::query()->where('machine_id', $machine->id)->whereNull('ended_at')->orderByDesc('id');
        if (null !== $begunBy) {
            $open->where('begun_at', '<=', $begunBy);
        }
        $newest = null;
        foreach ($open->get() as $trace) {
            $newest ??= $trace;
            $suspects = $faults?->suspectsOf($trace->noticed()) ?? [];
            foreach ($faults->actions ?? [] as $action) {
                if ($action->servesOneOf($suspects) && $isIt($action)) {
                    return ['trace' => $trace, 'card' => $action->id];
                }
            }
        }

        return null === $newest ? null : ['trace' => $newest, 'card' => null];
    }
}
