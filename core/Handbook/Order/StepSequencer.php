<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

/**
 * Brings the steps of one or several procedures into one order.
 *
 * Some things always come before others: a wait before its end, a question before what depends on its answer, a part
 * before what it covers, a look before anything wipes what is looked at, bailing before hands go into the well, power
 * before the machine runs, and everything back before that too, in exactly the reverse order in which it came off.
 * As far as these allow it each procedure keeps the order it is written in; what is left open follows the stages of a
 * round, and then the order of the handbook. What soaks leaves hands free, so its end waits until the rest is done, and
 * nothing is poured into its vessel meanwhile.
 *
 * @internal to this folder
 */
final readonly class StepSequencer
{
    private StepData $steps;

    /**
     * @param array<string, array<array-key, mixed>> $raw data of all steps of the kind, by id
     * @param array<string, list<string>> $covers parts that come off before a part, by part
     */
    public function __construct(private array $raw, private array $covers = [])
    {
        $this->steps = new StepData($raw);
    }

    /**
     * @param array<string, list<string>> $written step ids and StepChain::REFIT of each procedure, by its name, in the
     *     handbook's order
     *
     * @return list<string> each step once
     *
     * @throws OrderConflict when two of them cannot be brought into one order, or parts wait for each other
     */
    public function sequence(array $written): array
    {
        $chains = array_map(fn (array $words): StepChain => new StepChain($words, $this->raw), $written);
        $ids = array_values(
            array_unique(array_merge(...array_map(static fn (StepChain $chain): array => $chain->ids(), array_values($chains)))),
        );
        $ranks = (new StepRanks($this->steps))->of($chains);
        $graph = new StepGraph($ids);
        $this->always($graph, $ids, $chains);
        $draft = clone $graph;
        $this->asWritten($draft, $chains);
        $sorted = $draft->sorted($ranks);
        $this->reversed($graph, $sorted, $chains);
        (new SoakOrder($this->raw))->keep($graph, $sorted);
        $this->asWritten($graph, $chains);

        return $graph->sorted($ranks);
    }

    /**
     * What always comes before what.
     *
     * @param list<string> $ids
     * @param array<string, StepChain> $chains
     */
    private function always(StepGraph $graph, array $ids, array $chains): void
    {
        $off = $graded = $asked = $power = $bails = [];
        foreach ($ids as $id) {
            $step = $this->steps->of($id);
            $capture = is_array($step['capture'] ?? null) ? $step['capture'] : [];
            foreach (array_filter(
                [$capture['id'] ?? null, is_array($capture['also'] ?? null) ? $capture['also']['id'] ?? null : null],
                is_string(...),
            ) as $name) {
                $asked[$name][] = $id;
            }
            if ('found' === ($capture['means'] ?? null) && null !== $this->steps->text($id, 'part')) {
                $graded[$this->steps->text($id, 'part')][] = $id;
            }
            if (null !== $this->steps->text($id, 'takesOff')) {
                $off[$this->steps->text($id, 'takesOff')][] = $id;
            }
            if (isset($step['power'])) {
                $power[] = $id;
            }
            if (isset($step['bails'])) {
                $bails[] = $id;
            }
        }
        $this->partsThatCover($graph, $off);
        foreach ($ids as $id) {
            $step = $this->steps->of($id);
            $this->before($graph, [$this->steps->text($id, 'waitsFor')], $id);
            foreach (array_keys((array) ($step['if'] ?? [])) as $name) {
                $this->before($graph, $asked[$name] ?? [], $id);
            }
            $washes = isset($step['amounts']) || isset($step['clears']);
            foreach ([...$this->steps->list($id, 'touches'), ...($washes ? [$this->steps->text($id, 'part')] : [])] as $part) {
                $this->before($graph, $graded[$part] ?? [], $id);
            }
            $this->before($graph, isset($step['inWell']) ? $bails : [], $id);
            $this->before($graph, isset($step['whileOn']) ? $power : [], $id);
            $back = StepChain::backOf($step);
            if (null !== $back && $graph->has($back)) {
                $graph->put($id, $back);
                foreach (StepChain::testsOf($step) as $test) {
                    $this->before($graph, [$back], $test);
                }
            }
            foreach ($this->steps->list($id, 'afterBack') as $part) {
                foreach ($off[$part] ?? [] as $each) {
                    $this->before(
                        $graph,
                        [StepChain::backOf($this->steps->of($each)), ...StepChain::testsOf($this->steps->of($each))],
                        $id,
                    );
                }
            }
            foreach ($this->steps->list($id, 'whileOff') as $part) {
                foreach ($off[$part] ?? [] as $each) {
                    $graph->put($each, $id);
                    $this->before($graph, [$id], StepChain::backOf($this->steps->of($each)) ?? '');
                }
            }
        }
        $own = array_merge(...array_map(static fn (StepChain $chain): array => $chain->ownBacks, array_values($chains)));
        foreach ($chains as $chain) {
            foreach ($chain->runs as $run) {
                $this->before($graph, $power, $run);
                foreach ($chains as $other) {
                    $this->before($graph, array_diff($other->finalBacks, $own), $run);
                }
            }
        }
    }

    /** @param array<string, list<string>> $off steps by the part they take off */
    private function partsThatCover(StepGraph $graph, array $off): void
    {
        foreach ($this->covers as $part => $covering) {
            foreach ($covering as $cover) {
                foreach ($off[$cover] ?? [] as $first) {
                    foreach ($off[$part] ?? [] as $then) {
                        if (!$graph->put($first, $then)) {
                            throw OrderConflict::circle([$cover, (string) $part, $cover]);
                        }
                    }
                }
            }
        }
    }

    /** @param array<string|null> $first */
    private function before(StepGraph $graph, array $first, string $id): void
    {
        foreach ($first as $each) {
            if (null !== $each && $graph->has($each) && $graph->has($id)) {
                $graph->put($each, $id);
            }
        }
    }

    /**
     * What is off at the end goes back in reverse, each with its tests.
     *
     * @param list<string> $sorted
     * @param array<string, StepChain> $chains
     */
    private function reversed(StepGraph $graph, array $sorted, array $chains): void
    {
        // What stays off until the machine has run goes back by itself, after the rest.
        $own = array_merge(...array_map(static fn (StepChain $chain): array => $chain->ownBacks, array_values($chains)));
        $final = array_diff(
            array_merge(...array_map(static fn (StepChain $chain): array => $chain->finalBacks, array_values($chains))),
            $own,
        );
        foreach ([$final, $own] as $group) {
            $later = null;
            foreach ($sorted as $id) {
                $back = StepChain::backOf($this->steps->of($id));
                if (null === $back || !in_array($back, $group, true)) {
                    continue;
                }
                $this->before($graph, [$back, ...$this->ownTests($sorted, $id)], $later ?? '');
                $later = $back;
            }
        }
    }

    /**
     * The tests that can follow at once when a part is back: a test of several parts waits for the last of them.
     *
     * @param list<string> $sorted
     *
     * @return list<string>
     */
    private function ownTests(array $sorted, string $off): array
    {
        $stillOff = $this->partsOff($sorted, $off);

        return array_values(array_filter(
            StepChain::testsOf($this->steps->of($off)),
            fn (string $test): bool => [] === array_intersect($this->steps->list($test, 'tests'), $stillOff),
        ));
    }

    /**
     * Parts that came off before a step.
     *
     * @param list<string> $sorted
     *
     * @return list<string>
     */
    private function partsOff(array $sorted, string $id): array
    {
        $before = array_slice($sorted, 0, (int) array_search($id, $sorted, true));

        return array_values(array_filter(array_map(fn (string $each): ?string => $this->steps->text($each, 'takesOff'), $before)));
    }

    /**
     * Each procedure keeps its order where nothing above forbids it.
     *
     * @param array<string, StepChain> $chains
     */
    private function asWritten(StepGraph $graph, array $chains): void
    {
        foreach ($chains as $chain) {
            $ids = $chain->ids();
            foreach ($ids as $place => $id) {
                foreach (array_slice($ids, $place + 1) as $next) {
                    if ($graph->put($id, $next)) {
                        break;
                    }
                }
            }
        }
    }
}
