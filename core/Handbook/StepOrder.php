<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/**
 * Brings what procedures say into one order of steps, in which everything that comes off goes back in exactly
 * the reverse order.
 *
 * A procedure is written as step ids and marks: OPEN and CLOSE round another procedure that it takes in, and
 * REFIT, alone or followed by a part, where what is off goes back, all of it or down to that part.
 *
 * @internal to this folder
 */
final readonly class StepOrder
{
    public const OPEN = '(';
    public const CLOSE = ')';
    public const REFIT = '<';

    /** @param array<string, array<array-key, mixed>> $steps data of all steps of the kind, by id */
    public function __construct(private array $steps)
    {
    }

    /**
     * The ids of the steps in the order they are done.
     *
     * Of a step that comes twice the first stays, so that a rack comes out once; but what closes up (puts a part
     * back, tests it, or says that it closes) stays where it came last. A part that is taken off again later
     * stays off.
     *
     * @param list<string> $written
     *
     * @return list<string>
     */
    public function resolve(array $written): array
    {
        $ids = $tray = $tests = [];
        $floors = [0];
        foreach ($written as $i => $word) {
            if (self::OPEN === $word) {
                $floors[] = count($tray);
            } elseif (self::CLOSE === $word) {
                array_pop($floors);
            } elseif (str_starts_with($word, self::REFIT)) {
                foreach ($this->goingBack($tray, (int) end($floors), substr($word, 1), array_slice($written, $i + 1), 1 === count($floors)) as $off) {
                    $tray = array_values(array_diff($tray, [$off]));
                    $back = $this->list($off, 'back');
                    $tests = [...$tests, ...$this->then($off)];
                    array_push($ids, is_string($back['id'] ?? null) ? $back['id'] : '', ...$this->then($off));
                }
            } else {
                if (isset($this->steps[$word]['takesOff']) && !in_array($word, $ids, true)) {
                    $tray[] = $word;
                }
                $ids[] = $word;
            }
        }

        return $this->once($ids, $tests);
    }

    /**
     * Several procedures as one: what comes before anything is opened comes first; what they open is opened first, while the first one's soak runs; then all goes
     * back; then comes what wants the machine whole.
     *
     * @param list<list<string>> $all in the order they are to be done
     *
     * @return list<string>
     */
    public function together(array $all): array
    {
        $open = $close = $whole = [];
        foreach ($all as $written) {
            $refit = $this->lastRefit($written);
            if ($this->runsTheMachine(array_slice($written, 0, $refit))) {
                array_push($whole, ...$written);
            } elseif (null !== $refit) {
                $open[] = array_slice($written, 0, $refit);
                array_push($close, ...array_slice($written, $refit + 1));
            } else {
                $open[] = $written;
            }
        }
        $first = array_shift($open) ?? [];
        $wait = $this->firstWait($first);
        $opened = [...array_slice($first, 0, $wait), ...array_merge(...$open), ...array_slice($first, $wait)];
        $kit = array_filter([...$opened, ...$whole], fn (string $word): bool => isset($this->steps[$word]['kit']));
        $opening = array_filter($opened, fn (string $word): bool => isset($this->steps[$word]['opening']));

        return [...array_values($kit), ...array_values($opening), ...$opened, self::REFIT, ...$close, ...$whole];
    }

    /**
     * The steps whose parts go back at a mark, the last taken off first.
     *
     * @param list<string> $tray        steps that took something off
     * @param int          $floor       how many of them are not this procedure's to put back
     * @param string       $until       part at which to stop; empty for all
     * @param list<string> $later       what is written after the mark
     * @param bool         $isOutermost whether no procedure that takes this one in puts back the rest: then what is
     *                                  wanted off again stays off by itself
     *
     * @return list<string>
     */
    private function goingBack(array $tray, int $floor, string $until, array $later, bool $isOutermost): array
    {
        $back = [];
        $reached = false;
        foreach (array_reverse(array_slice($tray, $floor)) as $off) {
            $isLast = $until === ($this->steps[$off]['takesOff'] ?? null);
            $isWanted = in_array($off, $later, true);
            if (($reached && !$isLast) || ($isWanted && !$isOutermost)) {
                break;
            }
            $reached = $isLast && '' !== $until;
            if (!$isWanted) {
                $back[] = $off;
            }
        }

        return $back;
    }

    /**
     * @param list<string> $ids
     * @param list<string> $tests that follow a part's return
     *
     * @return list<string>
     */
    private function once(array $ids, array $tests): array
    {
        $kept = [];
        foreach ($ids as $i => $id) {
            $closes = isset($this->steps[$id]['putsBack']) || isset($this->steps[$id]['closing']) || in_array($id, $tests, true);
            $elsewhere = $closes ? array_slice($ids, $i + 1) : array_slice($ids, 0, $i);
            if (!in_array($id, $elsewhere, true)) {
                $kept[] = $id;
            }
        }

        return $kept;
    }

    /** @return list<string> */
    private function then(string $off): array
    {
        $then = $this->list($off, 'back')['then'] ?? [];

        return is_array($then) ? array_values(array_filter($then, is_string(...))) : [];
    }

    /** @return array<array-key, mixed> */
    private function list(string $step, string $key): array
    {
        $value = $this->steps[$step][$key] ?? [];

        return is_array($value) ? $value : [];
    }

    /**
     * Where the procedure itself, not one it takes in, puts everything back for good.
     *
     * @param list<string> $written
     */
    private function lastRefit(array $written): ?int
    {
        return array_key_last(array_filter(self::outermost($written), static fn (string $word): bool => self::REFIT === $word));
    }

    /**
     * Whether the machine runs on the way, and not only to close up.
     *
     * @param list<string> $written
     */
    private function runsTheMachine(array $written): bool
    {
        return [] !== array_filter($written, fn (string $word): bool => in_array('machine', $this->list($word, 'needs'), true) && !isset($this->steps[$word]['closing']));
    }

    /**
     * Where the first wait that leaves hands free is over; the end when there is none.
     *
     * @param list<string> $written
     */
    private function firstWait(array $written): int
    {
        foreach (self::outermost($written) as $i => $word) {
            $waitsFor = $this->steps[$word]['waitsFor'] ?? null;
            if (is_string($waitsFor) && !isset($this->list($waitsFor, 'timer')['machine'])) {
                return $i;
            }
        }

        return count($written);
    }

    /**
     * The words that are not those of a procedure taken in, at their places.
     *
     * @param list<string> $written
     *
     * @return array<int, string>
     */
    private static function outermost(array $written): array
    {
        $depth = 0;
        $words = [];
        foreach ($written as $i => $word) {
            $depth += match ($word) {
                self::OPEN => 1,
                self::CLOSE => -1,
                default => 0,
            };
            if (0 === $depth) {
                $words[$i] = $word;
            }
        }

        return $words;
    }
}
