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
     * @param array<array-key, list<int>> $sharing steps that need the same resource, by resource
     * @param array<string, int> $numbers of the steps, by id
     * @param list<array{int, int, float, bool}> $linked step, the one after it, minutes between them at least, and whether they belong
     *     to one piece of work
     */
    private function __construct(
        public array $activities,
        public array $links,
        public array $minutes,
        public array $sharing,
        public array $numbers,
        public Distances $distances,
        public array $linked,
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
        $numbers = [];
        foreach ($activities as $i => $activity) {
            if (isset($numbers[$activity->id])) {
                throw InvalidPlan::twice($activity->id);
            }
            $numbers[$activity->id] = $i;
        }
        foreach ($links as $link) {
            foreach ([$link->from, $link->to] as $id) {
                if (!isset($numbers[$id]) && TimeLink::BEGINNING !== $id) {
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

        $linked = [];
        foreach ($links as $link) {
            if (!$link->isFromTheBeginning()) {
                $linked[] = [$numbers[$link->from], $numbers[$link->to], $link->least, $link->joins];
            }
        }

        return new self($activities, $links, $minutes, self::sharing($activities), $numbers, $distances, $linked);
    }

    /**
     * The same steps and links, given to those who do them.
     *
     * @param list<Activity> $activities in the same order
     */
    public function with(array $activities): self
    {
        $sharing = self::sharing($activities);

        return new self($activities, $this->links, $this->minutes, $sharing, $this->numbers, $this->distances, $this->linked);
    }

    /**
     * @param list<Activity> $activities
     *
     * @return array<array-key, list<int>>
     */
    private static function sharing(array $activities): array
    {
        $needs = [];
        foreach ($activities as $i => $activity) {
            foreach (array_unique($activity->needs) as $resource) {
                $needs[$resource][] = $i;
            }
        }

        return $needs;
    }

    /** @return list<int> steps that have to be over before the plan is */
    public function counted(): array
    {
        return array_keys(array_filter($this->activities, static fn (Activity $activity): bool => $activity->isCounted));
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
            static fn (Activity $activity): bool => [] !== array_intersect([...$activity->needs, ...$activity->anyOf], $resources),
        ));
    }

    /** @return list<non-empty-list<int>> steps of one piece of work each: those that links join, directly or by others */
    public function groups(): array
    {
        $group = array_keys($this->minutes);
        foreach ($this->linked as [$from, $to, , $joins]) {
            [$one, $other] = $joins ? [$group[$from], $group[$to]] : [-1, -1];
            $group = array_map(static fn (int $each): int => $each === $other ? $one : $each, $group);
        }
        $groups = [];
        foreach ($group as $step => $name) {
            $groups[$name][] = $step;
        }

        return array_values($groups);
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
            [$from, $to] = [$numbers[$link->from] ?? $distances->beginning(), $numbers[$link->to]];
            $lasts = $minutes[$from] ?? 0.0;
            if (
                !$distances->add($from, $to, $lasts + $link->least)
                || (null !== $link->most && !$distances->add($to, $from, -$lasts - $link->most))
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
