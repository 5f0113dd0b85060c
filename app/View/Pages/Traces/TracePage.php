<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Care\Readers\CareReader;
use App\Care\Readers\FixHistory;
use App\Care\Readers\OpenTraces;
use App\Care\Readers\TraceReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Trace;
use App\View\Words\Chance;
use App\View\Words\Dates;
use App\View\Words\EntryWords;
use App\View\Words\Money;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\Symptom;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\RankedOption;
use GoodRinse\Core\Trace\RepairPlan;
use Psr\Clock\ClockInterface;

/** What the pages of a trace show: noting, the deck with its suspects, and the call sheet. */
final readonly class TracePage
{
    private const LATELY = 8;

    public function __construct(
        private TraceReader $reader,
        private OpenTraces $open,
        private Handbook $handbook,
        private ClockInterface $clock,
        private EntryWords $words,
        private FixHistory $fixes,
        private CareReader $care,
        private CardNotesReader $notes,
    ) {
    }

    /**
     * What can be noticed on a machine; what points to a job comes first where one is asked about.
     */
    public function note(Machine $machine, Household $household, string $task): TraceNoteData
    {
        $care = $this->care->machine($machine, $household);
        $trouble = $this->reader->trouble($machine, $household);
        $symptoms = array_filter($trouble->symptoms, static fn (Symptom $symptom): bool => $symptom->when->holds($machine->traits));
        $pointing = !isset($care->tasks[$task]) ? [] : array_intersect_key($trouble->pointingTo($task, $machine->traits), $symptoms);

        return new TraceNoteData(
            machine: $machine,
            kind: $machine->kindIn($this->handbook),
            task: $care->tasks[$task] ?? null,
            symptoms: array_replace($pointing, $symptoms),
            machines: $household->activeMachines()->whereNot('kind', Machine::KITCHEN)->orderBy('name')->get(),
            fixed: $this->fixes->bySymptom($household)[$machine->id] ?? [],
            lit: array_keys($care->history->lights),
            today: Day::at($this->clock->now(), $household->zone()),
        );
    }

    /**
     * @param string $wanted id of an option to look at; the best when empty
     * @param list<string> $lately what was done to the machine, for the call sheet
     */
    public function deck(Trace $trace, Household $household, string $wanted = '', array $lately = []): TraceDeckData
    {
        $trouble = $this->reader->trouble($trace->machine, $household);
        $reading = $this->reader->read($trace, $household);
        $procedures = $trace->machine->kindIn($this->handbook)->procedureNames;
        $cards = TraceCard::deck($reading->deck, $trouble, $household, $procedures);
        $card = array_values(array_filter($cards, static fn (TraceCard $card): bool => $card->id === $wanted))[0] ?? $cards[0];

        return new TraceDeckData(
            trace: $trace,
            machine: $trace->machine,
            household: $household,
            today: Day::at($this->clock->now(), $household->zone()),
            names: $this->names($trace, $trouble),
            trouble: $trouble,
            reading: $reading,
            suspects: TraceWords::suspects($reading, $trouble),
            ruledOut: TraceWords::ruledOut($reading, $trouble),
            told: TraceWords::answersGiven($trace, $reading, $trouble),
            steps: TraceWords::steps($trace, $trouble),
            why: $this->why($reading, $trouble, $household),
            price: $this->price($reading->plan, $trouble),
            before: $this->before($trace, $household, $trouble),
            photo: Photo::query()->where('trace_id', $trace->id)->first(),
            learned: $this->fixes->learned($trace->machine, $household),
            ask: $this->open->isToBeAsked($trace, $household),
            cause: null === $trace->cause ? null : $trouble->causes[$trace->cause]->name ?? null,
            cards: $cards,
            card: $card,
            notes: $this->notes->for($trace, $household, $trouble, $card, $cards),
            leftOut: null === $trace->ended_at ? $this->reader->leftOut($trace, $household) : [],
            urgent: null === $trace->ended_at ? $this->urgent($trace, $reading, $trouble) : [],
            lately: $lately,
        );
    }

    public function sheet(Trace $trace, Household $household): TraceDeckData
    {
        return $this->deck($trace, $household, lately: $this->lately($trace->machine, $household));
    }

    /** @return list<string> openings, measures and parts of the last months, the newest first */
    private function lately(Machine $machine, Household $household): array
    {
        $entries = $machine->entries()
            ->whereIn('kind', [EntryKind::Opening, EntryKind::Measurement, EntryKind::PartFitted, EntryKind::Fix])
            ->orderByDesc('happened_at')
            ->orderByDesc('seq')
            ->limit(self::LATELY)
            ->get();

        return array_values(
            Entry::inForce($entries)->map(
                fn (Entry $entry): string => Dates::day(Day::at($entry->happened_at, $household->zone())).': '.$this->words->describe(
                    $entry->decode(),
                    $machine,
                    $entry->part,
                    $household->measures,
                ),
            )
                ->all(),
        );
    }

    /** @return list<string> what to do before anything else: for what was noticed, and for hazards that may well be behind it */
    private function urgent(Trace $trace, Diagnosis $reading, FaultCatalog $trouble): array
    {
        $noticed = array_map(static fn (string $id): ?string => $trouble->symptoms[$id]->now ?? null, $trace->noticed());
        $likely = array_filter($reading->suspects, static fn (float $chance): bool => $chance >= $trouble->rules->urgent);
        $hazards = array_map(static fn (string $cause): ?string => $trouble->causes[$cause]->now ?? null, array_keys($likely));

        return array_values(array_unique(array_filter([...$noticed, ...([] === array_filter($noticed) ? $hazards : [])])));
    }

    /** @return list<string> what was noticed, in words, the gravest first */
    private function names(Trace $trace, FaultCatalog $trouble): array
    {
        $noticed = $trace->noticed();
        usort($noticed, static fn (string $a, string $b): int => ($trouble->symptoms[$b]->severity ?? 0)
            <=> ($trouble->symptoms[$a]->severity ?? 0));

        $names = $trouble->namesOf($noticed);

        return [...array_slice($names, 0, 1), ...array_map(lcfirst(...), array_slice($names, 1))];
    }

    /** Why this card comes now. */
    private function why(Diagnosis $reading, FaultCatalog $trouble, Household $household): string
    {
        $card = $reading->deck[0];
        if ($card->danger) {
            return (string) __('traces.why_danger');
        }
        if (RankedOption::CALL === $card->kind) {
            return (string) __($reading->callForSafety ? 'traces.why_hazard' : 'traces.why_call');
        }
        if (RankedOption::ACTION === $card->kind) {
            return trans_choice(
                'traces.why_action',
                self::minutes($trouble->actions[$card->id]->minutes ?? 0),
                ['chance' => Chance::describe((float) $card->chance)],
            );
        }

        $saves = round($reading->plan->expectedCost - $card->expect);

        return strtr(
            trans_choice('traces.why_check', self::minutes($trouble->checks[$card->id]->minutes ?? 0)),
            ['{saves}' => $saves < 1 ? '' : (string) __('traces.why_saves', ['saves' => Money::of($saves, $household)])],
        );
    }

    /**
     * What going on comes to.
     *
     * @return array{minutes: int, money: float, chance: string, stop: string|null}
     */
    private function price(RepairPlan $plan, FaultCatalog $trouble): array
    {
        $minutes = $money = 0.0;
        $last = null;
        foreach ($plan->steps as [$action, , $reached]) {
            $known = $trouble->actions[$action->id] ?? null;
            $minutes += $reached * ($known->minutes ?? 0.0);
            $money += $reached * ($known->supplies ?? 0.0);
            $last = $known->name ?? $last;
        }

        return [
            'minutes' => self::minutes($minutes),
            'money' => round($money),
            'chance' => Chance::describe(1 - $plan->callChance),
            'stop' => $last,
        ];
    }

    /**
     * What ended the same symptom here before.
     *
     * @return list<array{string, Trace}>
     */
    private function before(Trace $trace, Household $household, FaultCatalog $trouble): array
    {
        $before = [];
        $fixed = $household->traces()->where('machine_id', $trace->machine_id)->where('ended_how', Trace::FIXED)->whereKeyNot($trace->id);
        foreach ($fixed->orderByDesc('ended_at')->limit(20)->get() as $other) {
            if ([] !== array_intersect($other->noticed(), $trace->noticed())) {
                $before[] = [$trouble->actions[(string) $other->fixed_by]->name ?? (string) $other->fixed_by, $other];
            }
        }

        return array_slice($before, 0, 3);
    }

    private static function minutes(float $minutes): int
    {
        return max(1, (int) round($minutes));
    }
}
