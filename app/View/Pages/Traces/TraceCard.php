<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Models\Household;
use App\View\Words\Money;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\FaultCheck;
use GoodRinse\Core\Trace\RankedOption;

/** What may be done next in a trace, as a page shows it: a check, something to do, or the call. */
final readonly class TraceCard
{
    public string $id;

    /** Null unless the card is a check. */
    public ?FaultCheck $check;

    /** Null unless the card is something to do. */
    public ?FaultAction $action;

    /** The part that a new one is fitted for; null where the card is about no new part. */
    public ?string $newPart;

    /**
     * @param bool $next whether nothing promises more
     * @param string|null $procedure name of the one that does it
     * @param float $more expected cost beyond that of the best card, in the household's money
     */
    private function __construct(
        private RankedOption $option,
        FaultCatalog $faults,
        private Household $household,
        public bool $next,
        public ?string $procedure,
        private float $more,
    ) {
        $this->id = $option->id;
        $this->check = RankedOption::CHECK === $option->kind ? $faults->checks[$option->id] : null;
        $this->action = RankedOption::ACTION === $option->kind ? $faults->actions[$option->id] : null;
        $this->newPart = FaultAction::PART === $this->action?->kind ? $faults->partOf($this->action) : null;
    }

    /**
     * @param non-empty-list<RankedOption> $deck the best first
     * @param array<string, string> $procedureNames of the machine's kind
     *
     * @return non-empty-list<self>
     */
    public static function deck(array $deck, FaultCatalog $faults, Household $household, array $procedureNames): array
    {
        $best = $deck[0];

        return array_map(static fn (RankedOption $option): self => new self(
            $option,
            $faults,
            $household,
            $option === $best,
            RankedOption::ACTION === $option->kind ? $procedureNames[$faults->actions[$option->id]->procedure ?? ''] ?? null : null,
            max(0.0, $option->expect - $best->expect),
        ), $deck);
    }

    public function isCall(): bool
    {
        return RankedOption::CALL === $this->option->kind;
    }

    public function name(): string
    {
        return $this->check->name ?? $this->action->name ?? (string) __('traces.card.call');
    }

    /** "Next: a check, 2 minutes". */
    public function head(): string
    {
        $parts = [(string) __('traces.card.'.$this->option->kind.'_kind')];
        if (!$this->isCall()) {
            $parts[] = Uses::minutes(max(1, $this->check->minutes ?? $this->action->minutes ?? 1));
        }
        if (($this->action->supplies ?? 0.0) > 0) {
            $parts[] = (string) __('traces.card.supplies', ['money' => Money::of($this->action->supplies ?? 0.0, $this->household)]);
        }

        return __($this->next ? 'traces.card.next' : 'traces.card.instead').': '.implode(', ', $parts);
    }

    public function how(): string
    {
        return $this->check->how ?? $this->action->how ?? (null === $this->action
            ? (string) __('traces.card.call_how')
            : (string) __('traces.card.fitted', ['procedure' => mb_strtolower($this->procedure ?? $this->action->name)]));
    }

    /** By how much it costs more than the best card on average; null where that is nothing. */
    public function more(): ?string
    {
        return round($this->more) < 1 ? null : Money::of($this->more, $this->household);
    }
}
