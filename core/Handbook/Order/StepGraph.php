<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

/**
 * Steps and what must come before what. It never holds a circle: an edge that would close one is not taken.
 *
 * @internal to this folder
 */
final class StepGraph
{
    private const BITS = 62;

    /** @var array<string, int> place of each step */
    private array $places = [];

    /** @var array<int, array<int, int>> bit words of what comes after each place, however far */
    private array $reach = [];

    /** @var array<string, array<string, true>> direct edges, from earlier to later */
    private array $after = [];

    /** @param list<string> $ids */
    public function __construct(private readonly array $ids)
    {
        $words = intdiv(count($ids), self::BITS) + 1;
        foreach ($ids as $place => $id) {
            $this->places[$id] = $place;
            $this->reach[$place] = array_fill(0, $words, 0);
        }
    }

    public function has(string $id): bool
    {
        return isset($this->places[$id]);
    }

    /** Whether one step comes before another, directly or through others. */
    public function precedes(string $first, string $second): bool
    {
        return $this->reaches($this->places[$first], $this->places[$second]);
    }

    /**
     * Puts one step before another.
     *
     * @return bool false when that would close a circle; then nothing has changed
     */
    public function put(string $first, string $second): bool
    {
        $from = $this->places[$first];
        $to = $this->places[$second];
        if ($from === $to || $this->reaches($to, $from)) {
            return false;
        }
        $this->after[$first][$second] = true;
        if ($this->reaches($from, $to)) {
            return true;
        }
        $gained = $this->reach[$to];
        $gained[intdiv($to, self::BITS)] |= 1 << ($to % self::BITS);
        foreach ($this->reach as $place => $words) {
            if ($place === $from || $this->reaches($place, $from)) {
                foreach ($gained as $i => $bits) {
                    $words[$i] |= $bits;
                }
                $this->reach[$place] = $words;
            }
        }

        return true;
    }

    /**
     * All steps, each after everything it must follow; of those that may come next the one of the least rank.
     *
     * @param array<string, array<int, float|int>> $ranks by step, compared number by number
     *
     * @return list<string>
     */
    public function sorted(array $ranks): array
    {
        $waiting = array_fill_keys($this->ids, 0);
        foreach ($this->after as $later) {
            foreach (array_keys($later) as $id) {
                ++$waiting[$id];
            }
        }
        $sorted = [];
        while ([] !== $waiting) {
            $next = null;
            foreach ($waiting as $id => $before) {
                if (0 === $before && (null === $next || $ranks[$id] < $ranks[$next])) {
                    $next = $id;
                }
            }
            if (null === $next) {
                throw new \LogicException('A graph without circles has a step that nothing precedes.');
            }
            $sorted[] = $next;
            unset($waiting[$next]);
            foreach (array_keys($this->after[$next] ?? []) as $id) {
                --$waiting[$id];
            }
        }

        return $sorted;
    }

    private function reaches(int $from, int $to): bool
    {
        return 0 !== ($this->reach[$from][intdiv($to, self::BITS)] & (1 << ($to % self::BITS)));
    }
}
