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
 * round, and then the order of the handbook. What soaks leaves hands free, so its end waits until the rest is done.
 *
 * @internal to this folder
 */
final readonly class StepSequencer
{
    /** Minutes that a wait may last for its end to be put off until the rest is done. */
    private const PATIENT = 60;

    /**
     * @param array<string, array<array-key, mixed>> $steps data of all steps of the kind, by id
     * @param array<string, list<string>> $covers parts that come off before a part, by part
     */
    public function __construct(private array $steps, private array $covers = [])
    {
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
        $chains = array_map(fn (array $words): StepChain => new StepChain($words, $this->steps), $written);
        $ids = array_values(
            array_unique(array_merge(...array_map(static fn (StepChain $chain): array => $chain->ids(), array_values($chains)))),
        );
        $ranks = $this->ranks($chains);
        $graph = new StepGraph($ids);
        $this->always($graph, $ids, $chains);
        $draft = clone $graph;
        $this->asWritten($draft, $chains);
        $this->reversed($graph, $draft->sorted($ranks), $chains);
        $this->asWritten($graph, $chains);

        return $graph->sorted($ranks);
    }

    /**
     * @param array<string, StepChain> $chains
     *
     * @return array<string, array<int, int>>
     */
    private function ranks(array $chains): array
    {
        $ranks = [];
        foreach (array_values($chains) as $procedure => $chain) {
            foreach ($chain->ids() as $place => $id) {
                $stage = $chain->stages[$id];
                $closes = $stage >= StepChain::REFITTING;
                $was = $ranks[$id] ?? null;
                $ranks[$id] = null === $was
                    ? [$stage, $this->canWait($id) && StepChain::OPEN === $stage ? 1 : 0, $procedure, $place]
                    : [$closes ? max($was[0], $stage) : min($was[0], $stage), ...array_slice($was, 1)];
            }
        }

        return $ranks;
    }

    private function canWait(string $id): bool
    {
        $timer = $this->data($this->text($id, 'waitsFor') ?? '')['timer'] ?? null;
        $most = is_array($timer) ? $timer['most'] ?? self::PATIENT : 0;

        return is_numeric($most) && $most >= self::PATIENT;
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
            $step = $this->data($id);
            $capture = is_array($step['capture'] ?? null) ? $step['capture'] : [];
            foreach (array_filter(
                [$capture['id'] ?? null, is_array($capture['also'] ?? null) ? $capture['also']['id'] ?? null : null],
                is_string(...),
            ) as $name) {
                $asked[$name][] = $id;
            }
            if ('found' === ($capture['means'] ?? null) && null !== $this->text($id, 'part')) {
                $graded[$this->text($id, 'part')][] = $id;
            }
            if (null !== $this->text($id, 'takesOff')) {
                $off[$this->text($id, 'takesOff')][] = $id;
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
            $step = $this->data($id);
            $this->before($graph, [$this->text($id, 'waitsFor')], $id);
            foreach (array_keys((array) ($step['if'] ?? [])) as $name) {
                $this->before($graph, $asked[$name] ?? [], $id);
            }
            foreach ($this->list($id, 'touches') as $part) {
                $this->before($graph, $graded[$part] ?? [], $id);
            }
            $this->before($graph, isset($step['inWell']) ? $bails : [], $id);
            $back = StepChain::backOf($step);
            if (null !== $back && $graph->has($back)) {
                $graph->put($id, $back);
                foreach (StepChain::testsOf($step) as $test) {
                    $this->before($graph, [$back], $test);
                }
            }
            foreach ($this->list($id, 'afterBack') as $part) {
                foreach ($off[$part] ?? [] as $each) {
                    $this->before($graph, [StepChain::backOf($this->data($each)), ...StepChain::testsOf($this->data($each))], $id);
                }
            }
            foreach ($this->list($id, 'whileOff') as $part) {
                foreach ($off[$part] ?? [] as $each) {
                    $graph->put($each, $id);
                    $this->before($graph, [$id], StepChain::backOf($this->data($each)) ?? '');
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
                $back = StepChain::backOf($this->data($id));
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
            StepChain::testsOf($this->data($off)),
            fn (string $test): bool => [] === array_intersect($this->list($test, 'tests'), $stillOff),
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

        return array_values(array_filter(array_map(fn (string $each): ?string => $this->text($each, 'takesOff'), $before)));
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

    /** @return array<array-key, mixed> */
    private function data(string $id): array
    {
        return $this->steps[$id] ?? [];
    }

    private function text(string $id, string $key): ?string
    {
        $value = $this->data($id)[$key] ?? null;

        return is_string($value) ? $value : null;
    }

    /** @return list<string> */
    private function list(string $id, string $key): array
    {
        $value = $this->data($id)[$key] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }
}
