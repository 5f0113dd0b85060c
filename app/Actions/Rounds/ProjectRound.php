<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\EntryRecord;
use App\Actions\Logbook\WriteEntries;
use App\Care\Words\KitWords;
use App\Models\Entry;
use App\Models\Round;
use App\Models\User;
use App\Support\Scalar;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Projection\EntryProjector;
use GoodRinse\Core\Round\Projection\ProjectedEntry;
use GoodRinse\Core\Round\Remark;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * Brings the logbook in line with the ticks of a round: adds what follows from them and is not there, and reverses
 * what is there and does not follow any more. What a person took back stays so until the step is ticked again.
 */
final readonly class ProjectRound
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    public function handle(Round $round, User $by, ?Progress $progress = null): void
    {
        $written = $this->written($round);
        $voided = self::voided($written);
        $effective = array_filter($written, static fn (EntryRecord $entry): bool => !isset($voided[$entry->id]));
        $takenBack = $this->takenBack($written, $voided);
        $made = [] === $takenBack ? [] : $round->ticks()->toBase()->pluck('logbook_seq', 'id')->all();
        $drafts = [];
        foreach ($this->projected($round, $progress ?? $round->progress()) as [$entry, $payload]) {
            $there = $this->find($effective, $entry, $payload);
            if (null !== $there) {
                unset($effective[$there]);
            } elseif (($takenBack[self::identity($entry->step, $payload)] ?? -1) <= ($made[$entry->tick] ?? 0)) {
                $drafts[] = self::draft($round, $entry->part, $entry->step, $payload, $entry->at);
            }
        }
        $reversals = array_map(
            fn (EntryRecord $entry): EntryDraft => self::draft(
                $round,
                $entry->part,
                $entry->step,
                new Reversal(Reversal::CORRECTION),
                $this->clock->now(),
                $entry->id,
            ),
            array_values($effective),
        );
        if ([] !== $drafts || [] !== $reversals) {
            $this->write->handle($by->home(), $by, [...$reversals, ...$drafts]);
        }
    }

    /** Whether a person took back something that a step says, after it was ticked. */
    public function wasTakenBack(Round $round, Step $step, string $tick): bool
    {
        $written = array_values(array_filter($this->written($round), static function (EntryRecord $entry) use ($step): bool {
            $payload = $entry->payload();

            return $entry->step === $step->id || (
                $payload instanceof Opening
                && in_array($payload->task, [$step->capture?->of, $step->marks], true)
            );
        }));
        $back = $this->takenBack($written, self::voided($written));

        return [] !== $back && max($back) > Scalar::int($round->ticks()->toBase()->where('id', $tick)->value('logbook_seq'));
    }

    /** @return list<EntryRecord> what the round has said of its steps, in force or not */
    private function written(Round $round): array
    {
        return array_values(DB::table('entries')->where('round_id', $round->id)->where(
            'kind',
            '!=',
            EntryKind::Reversal->value,
        )->whereNotNull('step')
            ->orderBy('seq')->get(EntryRecord::COLUMNS)->map(EntryRecord::read(...))->all());
    }

    /**
     * @param list<EntryRecord> $written
     *
     * @return array<string, string> id of the entry that voids each
     */
    private static function voided(array $written): array
    {
        return [] === $written ? [] : Entry::voidedAmong(array_map(static fn (EntryRecord $entry): string => $entry->id, $written));
    }

    public static function draft(
        Round $round,
        ?string $part,
        ?string $step,
        Payload $payload,
        \DateTimeImmutable $when,
        ?string $voids = null,
        ?string $id = null,
    ): EntryDraft {
        return new EntryDraft(
            payload: $payload,
            happenedAt: $when,
            source: Entry::BY_ROUND,
            machine: $round->machine,
            part: $part,
            round: $round,
            step: $step,
            voids: $voids,
            id: $id,
        );
    }

    /** @return list<array{ProjectedEntry, Payload}> what follows from the ticks */
    private function projected(Round $round, Progress $progress): array
    {
        return array_map(
            static fn (ProjectedEntry $entry): array => [
                $entry,
                $entry->payload instanceof Remark ? self::put($round, $entry->payload) : $entry->payload,
            ],
            (new EntryProjector($round->handbook()))->project($progress),
        );
    }

    /**
     * The entry that says so already.
     *
     * @param array<int, EntryRecord> $effective
     */
    private function find(array $effective, ProjectedEntry $projected, Payload $payload): ?int
    {
        foreach ($effective as $i => $entry) {
            if ($entry->matches($payload) && $entry->happenedAt === $projected->at->getTimestamp()) {
                return $i;
            }
        }

        return null;
    }

    /**
     * @param array<EntryRecord> $written
     * @param array<string, string> $voided id of the entry that voids each
     *
     * @return array<string, int> line of the logbook that took it back, by what it was about
     */
    private function takenBack(array $written, array $voided): array
    {
        $undone = [] === $voided
            ? []
            : Entry::query()->whereIn('id', array_values($voided))->where('source', '!=', Entry::BY_ROUND)->pluck('seq', 'id')->all();
        $back = [];
        foreach ($written as $entry) {
            $seq = $undone[$voided[$entry->id] ?? ''] ?? null;
            if (null !== $seq) {
                $about = self::identity($entry->step, $entry->payload());
                $back[$about] = max($back[$about] ?? 0, Scalar::int($seq));
            }
        }

        return $back;
    }

    /** What of a step it is about; an opening is of its task, whichever step told of it last. */
    private static function identity(string $step, Payload $payload): string
    {
        return match (true) {
            $payload instanceof Opening => "opening $payload->task",
            $payload instanceof Dose => "$step dose $payload->agent $payload->vessel",
            $payload instanceof Clearing => "$step clearing $payload->vessel",
            $payload instanceof Check => "$step check $payload->check",
            $payload instanceof Measurement => "$step reading $payload->what",
            $payload instanceof IndicatorLight => "$step light $payload->light",
            $payload instanceof PartFitted => "$step fitted $payload->part",
            default => "$step ".$payload->kind()->value,
        };
    }

    private static function put(Round $round, Remark $remark): Note
    {
        $with = $remark->with;
        $pieces = is_array($with['pieces'] ?? null) ? $with['pieces'] : [];

        return new Note((string) __("rounds.$remark->kind", match ($remark->kind) {
            Remark::BEGUN_WITHOUT => [
                'what' => KitWords::list($round, array_values(array_filter((array) ($with['kit'] ?? []), is_string(...)))),
            ],
            Remark::LEFT_OVER => [
                'what' => implode(', ', array_map(
                    static fn (string|int $piece, mixed $count): string => sprintf('%d × %s', is_int($count) ? $count : 1, $piece),
                    array_keys($pieces),
                    $pieces,
                )),
                'step' => Scalar::text($with['step'] ?? ''),
            ],
            default => array_map(Scalar::text(...), array_filter($with, is_scalar(...))),
        }));
    }
}
