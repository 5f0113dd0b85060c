<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/**
 * Puts the cards in the order in which a good technician would take them: over what the arithmetic of one fault says stand what
 * can hurt somebody, that a clear case is dealt with and not looked into any further, and that nobody is called for what
 * nobody who is called can mend.
 */
final readonly class DeckOrder
{
    public function __construct(private FaultModel $model)
    {
    }

    /**
     * @param non-empty-list<RankedOption> $deck as the arithmetic has it, the best first
     * @param array<string, float> $suspects chance of each cause, the likeliest first
     * @param bool $callForSafety whether calling comes first because somebody can be hurt
     * @param int $done cards that were answered or tried
     *
     * @return non-empty-list<RankedOption>
     */
    public function sorted(array $deck, array $suspects, bool $callForSafety, int $done = 0): array
    {
        if ($callForSafety || $this->isLong($done)) {
            return self::first($deck, static fn (RankedOption $card): bool => RankedOption::CALL === $card->kind);
        }
        if ($deck[0]->danger) {
            return $deck;
        }
        if (!$this->isCallOfUse($suspects)) {
            $others = array_values(array_filter($deck, static fn (RankedOption $card): bool => RankedOption::CALL !== $card->kind));
            $deck = [] === $others ? $deck : $others;
        }
        $fix = $this->fixOfAClearCase($deck, $suspects);

        return null === $fix ? $deck : self::first($deck, static fn (RankedOption $card): bool => $card === $fix);
    }

    /** Whether so much was looked into that somebody who sees it with their own eyes is worth more than another card. */
    public function isLong(int $done): bool
    {
        return $done >= $this->model->rules->patience;
    }

    /**
     * Whether whoever is called could put right what may be wrong.
     *
     * @param array<string, float> $suspects
     */
    public function isCallOfUse(array $suspects): bool
    {
        if (null === $this->model->mended) {
            return true;
        }
        $mended = array_map(fn (int $place): float => $suspects[$this->model->causes[$place]] ?? 0.0, $this->model->mended);

        return array_sum($mended) >= $this->model->rules->danger;
    }

    /**
     * The remedy for a suspect that is as good as certain; null while it is not, or while a check that could clear it costs far
     * less than that.
     *
     * @param non-empty-list<RankedOption> $deck
     * @param array<string, float> $suspects
     */
    private function fixOfAClearCase(array $deck, array $suspects): ?RankedOption
    {
        $cause = array_key_first($suspects);
        if (null === $cause || $suspects[$cause] < $this->model->rules->clear) {
            return null;
        }
        $fix = $this->fixOf((string) $cause, $deck);
        $next = $deck[0];
        if (null === $fix || RankedOption::CHECK !== $next->kind || !$this->canClear($next->id, $suspects)) {
            return $fix;
        }

        return $fix->cost < $this->model->rules->cheap * $next->cost ? $fix : null;
    }

    /**
     * The card that deals with a cause at the least cost for each time it helps: the call where nothing else mostly does.
     *
     * @param non-empty-list<RankedOption> $deck
     */
    private function fixOf(string $cause, array $deck): ?RankedOption
    {
        $place = array_search($cause, $this->model->causes, true);
        $best = $call = null;
        $worth = 0.0;
        foreach ($deck as $card) {
            if (RankedOption::CALL === $card->kind) {
                $call = in_array($place, $this->model->mended ?? array_keys($this->model->causes), true) ? $card : null;
            }
            $helps = RankedOption::ACTION === $card->kind ? $this->model->action($card->id)->fixes[$place] ?? 0.0 : 0.0;
            if ($helps >= $this->model->rules->named && $helps / max($card->cost, 1e-9) > $worth) {
                [$best, $worth] = [$card, $helps / max($card->cost, 1e-9)];
            }
        }

        return $best ?? $call;
    }

    /**
     * Whether a result that may well come of a check would make the first suspect unlikely.
     *
     * @param array<string, float> $suspects
     */
    private function canClear(string $check, array $suspects): bool
    {
        foreach ($this->model->check($check)->results as $chances) {
            $given = [];
            foreach ($this->model->causes as $place => $cause) {
                $given[$cause] = ($suspects[$cause] ?? 0.0) * ($chances[$place] ?? 0.0);
            }
            $whole = array_sum($given);
            if ($whole >= $this->model->rules->danger && $given[array_key_first($suspects)] / $whole < 1 - $this->model->rules->clear) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param non-empty-list<RankedOption> $deck
     * @param \Closure(RankedOption): bool $isFirst
     *
     * @return non-empty-list<RankedOption>
     */
    private static function first(array $deck, \Closure $isFirst): array
    {
        usort($deck, static fn (RankedOption $a, RankedOption $b): int => $isFirst($b) <=> $isFirst($a));

        return $deck;
    }
}
