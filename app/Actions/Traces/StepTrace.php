<?php

declare(strict_types=1);

namespace App\Actions\Traces;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Models\Entry;
use App\Models\Trace;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Reversal;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Keeps an answer of a trace, or takes one back. */
final readonly class StepTrace
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write, private Handbook $handbook)
    {
    }

    /**
     * @param int $seen how many answers the page knew of
     * @param string $kind Trace::ANSWER, FAILED or SKIPPED
     * @param string $id of the check or action
     * @param string|null $result of a check
     *
     * @throws ActionRefused when it has ended, or somebody else has answered meanwhile
     * @throws UnknownEntry for a card or an answer that the handbook does not have
     */
    public function add(Trace $trace, User $by, int $seen, string $kind, string $id, ?string $result): void
    {
        $this->ensureCard($trace, $kind, $id, $result);
        DB::transaction(function () use ($trace, $by, $seen, $kind, $id, $result): void {
            $steps = $this->open($trace, $seen);
            $now = $this->clock->now();
            $entry = (string) Str::ulid();
            $trace->update(
                ['steps' => [
                    ...$steps,
                    ['kind' => $kind, 'id' => $id, 'result' => $result, 'at' => $now->format('Y-m-d H:i:s'), 'entry' => $entry],
                ]],
            );
            if (Trace::ANSWER === $kind) {
                $this->write->handle(
                    $by->home(),
                    $by,
                    [new EntryDraft(new Check($id, (string) $result, true), $now, Entry::BY_TRACE, $trace->machine, id: $entry)],
                );
            }
        });
    }

    private function ensureCard(Trace $trace, string $kind, string $id, ?string $result): void
    {
        $faults = $this->handbook->trouble($trace->machine->kind);
        $check = $faults->checks[$id] ?? null;
        $isThere = match ($kind) {
            Trace::ANSWER => null !== $check && in_array($result, array_column($check->results, 'id'), true),
            Trace::FAILED => isset($faults->actions[$id]),
            default => null !== $check || isset($faults->actions[$id]),
        };
        if (!$isThere) {
            throw UnknownEntry::named('card', "$id ".(string) $result);
        }
    }

    /**
     * @param int $place of the answer that is taken back
     *
     * @throws ActionRefused
     */
    public function takeBack(Trace $trace, User $by, int $seen, int $place): void
    {
        DB::transaction(function () use ($trace, $by, $seen, $place): void {
            $steps = $this->open($trace, $seen);
            $entry = $steps[$place]['entry'] ?? null;
            if (null !== $entry && Trace::ANSWER === $steps[$place]['kind']) {
                $this->write->handle(
                    $by->home(),
                    $by,
                    [new EntryDraft(
                        new Reversal(Reversal::CORRECTION),
                        $this->clock->now(),
                        Entry::BY_TRACE,
                        $trace->machine,
                        voids: $entry,
                    )],
                );
            }
            unset($steps[$place]);
            $trace->update(['steps' => array_values($steps)]);
        });
    }

    /**
     * @return list<array{kind: string, id: string, result: string|null, at: string, entry?: string}>
     */
    private function open(Trace $trace, int $seen): array
    {
        $trace->refresh();
        if (null !== $trace->ended_at) {
            throw ActionRefused::traceEnded();
        }

        return count($trace->steps) === $seen ? $trace->steps : throw ActionRefused::answeredMeanwhile();
    }
}
