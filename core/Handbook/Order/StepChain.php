<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

/**
 * One procedure as it is written: its steps in their order, with the stage of a round that each belongs to.
 *
 * @internal to this folder
 */
final readonly class StepChain
{
    /** Where what is off goes back, alone or followed by the part down to which it does. */
    public const REFIT = '<';

    /** Followed by a procedure: where what that says comes in. */
    public const TAKES = '+';

    public const START = 0;
    public const OPEN = 1;
    public const REFITTING = 2;
    public const POWER = 3;
    public const CLOSING = 4;
    public const RUNS = 5;
    public const LAST = 6;

    /** @var array<string, int> stage of each step, in their order */
    public array $stages;

    /** @var list<string> steps that put back at the end what is off */
    public array $finalBacks;

    /** @var list<string> steps that put something back while the machine runs on, or runs afterwards without it */
    public array $ownBacks;

    /** @var list<string> steps that run the machine once it is whole */
    public array $runs;

    /** @var array<string, list<string>> procedures that have come in before a step, by step */
    public array $after;

    /**
     * @param list<string> $words step ids, REFIT and TAKES
     * @param array<string, array<array-key, mixed>> $steps data of all steps of the kind, by id
     */
    public function __construct(array $words, private array $steps)
    {
        $after = $taken = [];
        foreach ($words as $word) {
            if (str_starts_with($word, self::TAKES)) {
                $taken[] = substr($word, 1);
            }
            $after[$word] = $taken;
        }
        $this->after = $after;
        [$ids, $final] = $this->expand($words);
        $start = $this->runsFrom($ids, $final);
        $refit = [] === $final ? count($ids) : (int) array_search($final[0], $ids, true);
        $opened = $this->lastOpening($ids);
        $stages = $runs = [];
        foreach ($ids as $place => $id) {
            $isWhole = null !== $start && $place >= $start;
            $stages[$id] = $this->stage($id, $isWhole, $place > $refit, in_array($id, $final, true));
            if ($this->needsMachine($id) && $place > $opened) {
                $runs[] = $id;
            }
        }
        $isBlock = null !== $start && [] !== $final && array_search($final[0], $ids, true) >= $start;
        $this->stages = $stages;
        $this->finalBacks = $isBlock ? [] : $final;
        $this->ownBacks = $isBlock ? $final : [];
        $this->runs = $runs;
    }

    /** Whether a word is the id of a step, and neither REFIT nor TAKES. */
    public static function isStep(string $word): bool
    {
        return !str_starts_with($word, self::REFIT) && !str_starts_with($word, self::TAKES);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(strval(...), array_keys($this->stages));
    }

    /**
     * @param list<string> $words
     *
     * @return array{list<string>, list<string>} all step ids, and those that put things back at the last mark
     */
    private function expand(array $words): array
    {
        $ids = $tray = $final = [];
        foreach ($words as $word) {
            if (str_starts_with($word, self::TAKES)) {
                continue;
            }
            if (self::isStep($word)) {
                if (isset($this->steps[$word]['takesOff']) && !in_array($word, $ids, true)) {
                    $tray[] = $word;
                }
                $ids[] = $word;
                continue;
            }
            $until = substr($word, 1);
            $backs = [];
            foreach (array_reverse($tray) as $off) {
                $isLast = $until === ($this->steps[$off]['takesOff'] ?? null);
                if (
                    '' !== $until
                    && !$isLast
                    && in_array($until, array_map(fn (string $each): mixed => $this->steps[$each]['takesOff'] ?? null, $backs), true)
                ) {
                    break;
                }
                $backs[] = $off;
            }
            $tray = array_values(array_diff($tray, $backs));
            foreach ($backs as $off) {
                $back = self::backOf($this->steps[$off]);
                array_push($ids, ...array_filter([$back]), ...self::testsOf($this->steps[$off]));
                $final = '' === $until && null !== $back ? [...$final, $back] : $final;
            }
        }

        return [$this->once($ids), $final];
    }

    /**
     * Of a step that comes twice the first stays; of a test or what closes up the last.
     *
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private function once(array $ids): array
    {
        $kept = [];
        foreach ($ids as $i => $id) {
            $closes = isset($this->steps[$id]['closing']) || isset($this->steps[$id]['tests']);
            if (!in_array($id, $closes ? array_slice($ids, $i + 1) : array_slice($ids, 0, $i), true)) {
                $kept[] = $id;
            }
        }

        return $kept;
    }

    /**
     * From where on a procedure is about a running machine: what it pours for that, and all that follows. Null
     * where the machine runs only to close up, or not at all.
     *
     * @param list<string> $ids
     * @param list<string> $final
     */
    private function runsFrom(array $ids, array $final): ?int
    {
        $refit = [] === $final ? count($ids) : (int) array_search($final[0], $ids, true);
        $first = null;
        foreach (array_slice($ids, 0, $refit, true) as $place => $id) {
            if ($this->needsMachine($id) && !isset($this->steps[$id]['closing']) && $place > $this->lastOpening($ids)) {
                $first = $place;
                break;
            }
        }
        if (null === $first) {
            return null;
        }
        $from = 0;
        foreach (array_slice($ids, 0, $first) as $place => $id) {
            $step = $this->steps[$id] ?? [];
            if (isset($step['power'])) {
                return $place;
            }
            if (isset($step['kit']) || isset($step['opening']) || isset($step['takesOff']) || isset($step['putsBack'])) {
                $from = $place + 1;
            }
        }

        return $from;
    }

    private function stage(string $id, bool $isWhole, bool $isAfterRefit, bool $isFinalBack): int
    {
        $step = $this->steps[$id] ?? [];

        return match (true) {
            isset($step['kit']), isset($step['opening']) => self::START,
            isset($step['last']) => self::LAST,
            isset($step['power']) => self::POWER,
            $isWhole => self::RUNS,
            $isFinalBack, isset($step['tests']), isset($step['afterBack']) => self::REFITTING,
            $isAfterRefit => self::CLOSING,
            default => self::OPEN,
        };
    }

    /** @param list<string> $ids */
    private function lastOpening(array $ids): int
    {
        return (int) (array_key_last(array_filter($ids, fn (string $id): bool => isset($this->steps[$id]['opening']))) ?? -1);
    }

    private function needsMachine(string $id): bool
    {
        return in_array('machine', (array) ($this->steps[$id]['needs'] ?? []), true);
    }

    /** @param array<array-key, mixed> $step */
    public static function backOf(array $step): ?string
    {
        $back = $step['back'] ?? null;

        return is_array($back) && is_string($back['id'] ?? null) ? $back['id'] : null;
    }

    /**
     * What is tested once the part is back.
     *
     * @param array<array-key, mixed> $step
     *
     * @return list<string>
     */
    public static function testsOf(array $step): array
    {
        $back = $step['back'] ?? null;
        $then = is_array($back) ? $back['then'] ?? [] : [];

        return is_array($then) ? array_values(array_filter($then, is_string(...))) : [];
    }
}
