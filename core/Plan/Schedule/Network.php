<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Steps by number with what they need and the links between them.
 *
 * @internal to this folder
 */
final readonly class Network
{
    /**
     * @param list<Activity> $activities
     * @param list<TimeLink> $links
     * @param list<float> $minutes of each step
     * @param list<list<int>> $sharing steps that need the same resource, for each resource
     * @param array<string, int> $numbers of the steps, by id
     */
    private function __construct(
        public array $activities,
        public array $links,
        public array $minutes,
        public array $sharing,
        public array $numbers,
        public Distances $distances,
    ) {
    }

    /**
     * @param list<Activity> $activities
     * @param list<TimeLink> $links
     *
     * @throws InvalidPlan when an id is there twice, or a link names none
     * @throws ImpossiblePlan when the links go in a circle or contradict each other
     */
    public static function of(array $activities, array $links): self
    {
        $numbers = $needs = [];
        foreach ($activities as $i => $activity) {
            if (isset($numbers[$activity->id])) {
                throw InvalidPlan::twice($activity->id);
            }
            $numbers[$activity->id] = $i;
            foreach (array_unique($activity->needs) as $resource) {
                $needs[$resource][] = $i;
            }
        }
        foreach ($links as $link) {
            foreach ([$link->from, $link->to] as $id) {
                if (!isset($numbers[$id])) {
                    throw InvalidPlan::unknown($id);
                }
            }
        }
        $circle = self::circle($links);
        if ([] !== $circle) {
            throw ImpossiblePlan::links($circle);
        }
        $minutes = array_map(static fn (Activity $activity): float => $activity->minutes, $activities);
        $distances = self::linked($numbers, $minutes, $links)
            ?? throw ImpossiblePlan::links(self::contradicting($numbers, $minutes, $links));

        return new self($activities, $links, $minutes, array_values($needs), $numbers, $distances);
    }

    /** Minutes below which nothing can finish: the longest path, or the steps of one resource with what comes before and after. */
    public function bound(): float
    {
        $tails = $this->distances->tails($this->minutes, array_keys($this->minutes));
        $bound = $this->end($this->distances->starts(), array_keys($this->minutes));
        foreach ($this->sharing as $steps) {
            $bound = max($bound, OneMachineBound::of(array_values(array_map(
                fn (int $i): array => [$this->distances->soonest($i), $this->minutes[$i], $tails[$i]],
                array_filter($steps, fn (int $i): bool => $this->minutes[$i] > 0),
            ))));
        }

        return $bound;
    }

    /**
     * @param list<string> $resources
     *
     * @return list<int> steps that need one of them
     */
    public function needing(array $resources): array
    {
        return array_keys(array_filter(
            $this->activities,
            static fn (Activity $activity): bool => [] !== array_intersect($activity->needs, $resources),
        ));
    }

    public function hasGreatestLags(): bool
    {
        return [] !== $this->limits();
    }

    /** @return list<TimeLink> links that say how late at most */
    public function limits(): array
    {
        return array_values(array_filter($this->links, static fn (TimeLink $link): bool => null !== $link->most));
    }

    /**
     * @param list<float> $starts
     * @param list<int> $steps
     */
    public function end(array $starts, array $steps): float
    {
        return max([0.0, ...array_map(fn (int $i): float => $starts[$i] + $this->minutes[$i], $steps)]);
    }

    /**
     * Links that lead from a step back to itself, whatever they take.
     *
     * @param list<TimeLink> $links
     *
     * @return list<TimeLink> empty when there are none
     */
    private static function circle(array $links): array
    {
        do { // what nothing comes before, or nothing after, lies on no circle
            $count = count($links);
            [$froms, $tos] = [[], []];
            foreach ($links as $link) {
                [$froms["s$link->from"], $tos["s$link->to"]] = [true, true];
            }
            $links = array_values(array_filter(
                $links,
                static fn (TimeLink $link): bool => isset($tos["s$link->from"], $froms["s$link->to"]),
            ));
        } while (count($links) < $count);

        return $links;
    }

    /**
     * @param array<string, int> $numbers
     * @param list<float> $minutes
     * @param list<TimeLink> $links
     *
     * @return Distances|null null when they cannot all be kept
     */
    private static function linked(array $numbers, array $minutes, array $links): ?Distances
    {
        $distances = Distances::of(count($minutes));
        foreach ($links as $link) {
            [$from, $to] = [$numbers[$link->from], $numbers[$link->to]];
            if (
                !$distances->add($from, $to, $minutes[$from] + $link->least)
                || (null !== $link->most && !$distances->add($to, $from, -$minutes[$from] - $link->most))
            ) {
                return null;
            }
        }

        return $distances;
    }

    /**
     * The fewest links that contradict each other: each is left out in turn, and stays out where the rest still do.
     *
     * @param array<string, int> $numbers
     * @param list<float> $minutes
     * @param list<TimeLink> $links
     *
     * @return list<TimeLink>
     */
    private static function contradicting(array $numbers, array $minutes, array $links): array
    {
        foreach (array_keys($links) as $i) {
            $without = array_diff_key($links, [$i => true]);
            if (null === self::linked($numbers, $minutes, array_values($without))) {
                $links = $without;
            }
        }

        return array_values($links);
    }
}
