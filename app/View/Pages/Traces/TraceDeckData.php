<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Trace;
use App\View\PageData;
use App\View\Words\Dates;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Trace\Diagnosis;

/** What TracePage::deck() hands to its view. */
final readonly class TraceDeckData extends PageData
{
    /**
     * @param list<string> $names
     * @param list<array{name: string, chance: string, now: float, before: float, moved: string|null}> $suspects
     * @param list<string> $ruledOut suspects that are as good as out
     * @param list<string> $told
     * @param array<int, string> $steps
     * @param array{minutes: int, money: float, chance: string, stop: string|null} $price
     * @param list<array{string, Trace}> $before
     * @param array<string, int> $learned
     * @param non-empty-list<TraceCard> $cards the best first
     * @param TraceCard $card shown
     * @param list<string> $lately
     * @param list<string> $urgent what to do before anything else
     * @param array<string, string> $leftOut why something that would help is not offered, by its name
     */
    public function __construct(
        public Trace $trace,
        public Machine $machine,
        public Household $household,
        public Day $today,
        public array $names,
        public FaultCatalog $trouble,
        public Diagnosis $reading,
        public array $suspects,
        public array $ruledOut,
        public array $told,
        public array $steps,
        public string $why,
        public array $price,
        public array $before,
        public ?Photo $photo,
        public array $learned,
        public bool $ask,
        public ?string $cause,
        public array $cards,
        public TraceCard $card,
        public CardNotes $notes,
        public array $urgent,
        public array $leftOut,
        public array $lately,
    ) {
    }

    public function day(\DateTimeImmutable $at): string
    {
        return Dates::day(Day::at($at, $this->household->zone()), $this->today);
    }

    /** What the page is called: its card, so that each has a title of its own, and what was noticed. */
    public function title(): string
    {
        $noticed = $this->names[0] ?? '';

        return null === $this->trace->ended_at ? rtrim($this->cardName(), '.?').': '.lcfirst($noticed) : $noticed;
    }

    public function cardName(): string
    {
        return $this->isDeadEnd() ? (string) __('traces.card.dead_end') : $this->card->name();
    }

    public function cardHow(): string
    {
        return $this->isDeadEnd() ? (string) __('traces.card.dead_end_how') : $this->card->how();
    }

    /** Whether nothing is left to try and nobody who is called could do more. */
    private function isDeadEnd(): bool
    {
        return $this->card->isCall() && !$this->reading->callIsOfUse;
    }

    /** How it ended, and when. */
    public function ending(): string
    {
        $how = Trace::FIXED === $this->trace->ended_how && true === $this->trace->held ? 'held' : $this->trace->ended_how;

        return (string) __("traces.ended_on.$how", ['day' => null === $this->trace->ended_at ? '' : $this->day($this->trace->ended_at)]);
    }

    /** Why the card that is shown comes now; of another than the best, what it costs more. */
    public function because(): string
    {
        $more = $this->card->more();

        return match (true) {
            $this->isDeadEnd() => '',
            $this->card->next => $this->why,
            null === $more => (string) __('traces.card.alike'),
            default => (string) __('traces.card.dearer', ['money' => $more]),
        };
    }
}
