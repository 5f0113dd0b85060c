<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\Models\User;
use App\Support\Scalar;
use App\View\Words\Dates;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** What came before at a step: who answered it differently, what was poured, its last picture and counts. */
final readonly class StepHistory
{
    /** Readings looked back over for how many jets there are in all. */
    private const LOOK_BACK = 60;

    public function __construct(private ClockInterface $clock, private Handbook $handbook)
    {
    }

    /**
     * Two people who said different things of the step: who, when, and whose counts.
     *
     * @return list<array{string, \DateTimeImmutable}> name and time, the one that counts last; empty where there is
     *     none
     */
    public function disagreement(Progress $progress, Step $step): array
    {
        $newest = [];
        foreach ($progress->ticksOf($step->id) as $tick) {
            if (null !== $tick->by) {
                unset($newest[$tick->by]);
                $newest[$tick->by] = $tick;
            }
        }
        $ticks = array_values($newest);
        if (count($ticks) < 2 || $ticks[count($ticks) - 1]->hasSameAnswerAs($ticks[count($ticks) - 2])) {
            return [];
        }
        $names = User::query()->whereIn('id', array_keys($newest))->pluck('name', 'id');

        return array_map(
            static fn (Tick $tick): array => [Scalar::text($names[$tick->by] ?? __('rounds.somebody')), $tick->at],
            array_slice($ticks, -2),
        );
    }

    /** @return list<string> why a clearing was put in: who poured what when */
    public function because(Step $step, Household $household): array
    {
        if (null === $step->because) {
            return [];
        }
        $agents = $this->handbook->chemistry();
        $today = Day::at($this->clock->now(), $household->zone());
        $sentences = [];
        foreach ($step->because->poured as [$agent, $id]) {
            $entry = Entry::query()->where('household_id', $household->id)->find($id);
            if (null !== $entry) {
                $sentences[] = (string) __('rounds.because_poured', [
                    'agent' => Str::ucfirst($agents->agent($agent)->name),
                    'day' => Dates::day(Day::at($entry->happened_at, $household->zone()), $today),
                    'who' => User::query()->find($entry->recorded_by)->name ?? __('rounds.somebody'),
                ]);
            }
        }
        $sentences[] = (string) __('rounds.because_next', ['agent' => $agents->agent($step->because->agent)->name]);

        return $sentences;
    }

    /** The last picture of the same step on this machine, from an earlier round. */
    public function lastPhoto(Round $round, Step $step): ?Photo
    {
        return Photo::query()->where('household_id', $round->household_id)->where('step', $step->id)
            ->whereIn('round_id', Round::query()->select('id')->where('machine_id', $round->machine_id)->where('id', '!=', $round->id))
            ->orderByDesc('taken_at')->first();
    }

    /** @return array<string, float> how many there were in all the last time, by reading */
    public function totals(Machine $machine): array
    {
        $totals = [];
        foreach ($machine->entries()->where('kind', EntryKind::Measurement)->orderByDesc('seq')->limit(self::LOOK_BACK)->get() as $entry) {
            $payload = $entry->decode();
            if ($payload instanceof Measurement && null !== $payload->of) {
                $totals[$payload->what] ??= $payload->of;
            }
        }

        return $totals;
    }
}
