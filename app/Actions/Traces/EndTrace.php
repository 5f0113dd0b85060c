<?php

declare(strict_types=1);

namespace App\Actions\Traces;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Actions\Machines\RecordTrait;
use App\Models\Entry;
use App\Models\Trace;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Confirmation;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Fix;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Quantity\Fraction;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Ends a trace, and keeps whether what ended it held. */
final readonly class EndTrace
{
    public function __construct(
        private ClockInterface $clock,
        private WriteEntries $write,
        private Handbook $handbook,
        private RecordTrait $record,
    ) {
    }

    /**
     * @param string $how one of Trace::ENDS
     * @param string|null $action that put it right
     * @param string|null $cause the likeliest that the action removes
     */
    public function handle(Trace $trace, User $by, string $how, ?string $action, ?string $cause): void
    {
        DB::transaction(function () use ($trace, $by, $how, $action, $cause): void {
            $trace->refresh();
            if (null !== $trace->ended_at) {
                return;
            }
            $trace->update(['ended_at' => $this->clock->now(), 'ended_how' => $how, 'fixed_by' => $action, 'cause' => $cause]);
            if (null !== $action) {
                $payload = [new Fix($action, $cause, $trace->id), ...$this->done($trace, $action)];
                $this->write->handle($by->home(), $by, array_map(
                    fn (Payload $each): EntryDraft => new EntryDraft($each, $this->clock->now(), Entry::BY_TRACE, $trace->machine),
                    $payload,
                ));
                foreach ($this->handbook->trouble($trace->machine->kind)->actions[$action]->tells ?? [] as $trait => $seen) {
                    $this->record->handle($trace->machine, $by, $trait, $seen);
                }
            }
        });
    }

    /** @return list<Opening> that the job of the action was done, where no round has written it down */
    private function done(Trace $trace, string $action): array
    {
        $procedure = $this->handbook->trouble($trace->machine->kind)->actions[$action]->procedure ?? null;
        $task = null === $procedure ? null : $trace->machine->kindIn($this->handbook)->taskOf($procedure);
        if (null === $task) {
            return [];
        }
        $opened = $trace->machine->entries()
            ->where('kind', EntryKind::Opening)
            ->where('payload->task', $task->id)
            ->where('happened_at', '>=', $trace->begun_at->format('Y-m-d H:i:s'))
            ->get();

        return Entry::inForce($opened)->isNotEmpty() ? [] : [new Opening($task->id, null, Fraction::none(), Opening::DONE)];
    }

    /** @return list<EntryDraft> the fix as it is known now, instead of what was believed of it */
    private function didNotHelp(Trace $trace): array
    {
        $fixes = $trace->machine->entries()
            ->with('machine')
            ->where('kind', EntryKind::Fix)
            ->where('payload->trace', $trace->id)
            ->orderBy('seq')
            ->get();
        $fix = Entry::inForce($fixes)->last();
        $payload = $fix?->decode();

        return null === $fix || !$payload instanceof Fix ? [] : [
            new EntryDraft(
                new Reversal(Reversal::CORRECTION),
                $this->clock->now(),
                Entry::BY_TRACE,
                $trace->machine,
                $fix->part,
                voids: $fix->id,
            ),
            new EntryDraft(
                new Fix($payload->action, $payload->cause, $payload->trace, false),
                $fix->happened_at->toDateTimeImmutable(),
                Entry::BY_TRACE,
                $trace->machine,
                $fix->part,
                corrects: $fix->id,
            ),
        ];
    }

    /**
     * Keeps what somebody who was called found: it counts as confirmed.
     *
     * @param float|null $cost of the call, 0 or more, in the household's money
     */
    public function told(Trace $trace, ?string $cause, ?string $note, ?float $cost): void
    {
        DB::transaction(function () use ($trace, $cause, $note, $cost): void {
            $trace->refresh();
            if (Trace::CALLED === $trace->ended_how && null === $trace->held) {
                $trace->update(['note' => $note, 'cost' => $cost, 'cause' => $cause] + (null === $cause ? [] : [
                    'held' => true,
                    'held_at' => $this->clock->now(),
                ]));
            }
        });
    }

    /** Yes links symptom, cause and fix for good and teaches the rhythm of the job; no opens the trace again with what was tried. */
    public function held(Trace $trace, User $by, bool $held): void
    {
        DB::transaction(function () use ($trace, $by, $held): void {
            $trace->refresh();
            if (Trace::FIXED !== $trace->ended_how || null !== $trace->held) {
                return;
            }
            if (!$held) {
                $tried = [
                    'kind' => Trace::FAILED,
                    'id' => (string) $trace->fixed_by,
                    'result' => null,
                    'at' => $this->clock->now()->format('Y-m-d H:i:s'),
                ];
                $trace->update(
                    ['ended_at' => null, 'ended_how' => null, 'fixed_by' => null, 'cause' => null, 'steps' => [...$trace->steps, $tried]],
                );
                $this->write->handle($by->home(), $by, $this->didNotHelp($trace));

                return;
            }
            $trace->update(['held' => true, 'held_at' => $this->clock->now()]);
            $task = $this->handbook->trouble($trace->machine->kind)->causes[(string) $trace->cause]->task ?? null;
            $this->write->handle($by->home(), $by, null === $task ? [] : array_map(
                fn (array $symptom): EntryDraft => new EntryDraft(
                    new Confirmation($symptom['entry'], $task, true),
                    $this->clock->now(),
                    Entry::BY_TRACE,
                    $trace->machine,
                ),
                $trace->symptoms,
            ));
        });
    }
}
