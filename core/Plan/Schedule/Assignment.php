<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Ways to give the steps that several could do to one of them each: whole groups of linked steps to one or the other, as a
 * person keeps to a machine; and from there one step after another given away.
 *
 * @internal to this folder
 */
final readonly class Assignment
{
    /** Groups up to which every way to divide them is looked at. */
    private const EVERY = 5;

    /** @param list<list<int>> $groups steps that nothing links to another group */
    private function __construct(private Network $network, private array $groups)
    {
    }

    public static function of(Network $network): self
    {
        return new self($network, array_values(array_filter(
            $network->groups(),
            static fn (array $steps): bool => [] !== array_filter(
                $steps,
                static fn (int $i): bool => [] !== $network->activities[$i]->anyOf,
            ),
        )));
    }

    /** @return list<list<Activity>> the steps, given away group by group; the first way is to one alone */
    public function whole(): array
    {
        $ways = 2 ** min(self::EVERY, count($this->groups));

        return array_map(function (int $way): array {
            $to = [];
            foreach ($this->groups as $n => $steps) {
                foreach ($steps as $i) {
                    $to[$i] = $way >> ($n % self::EVERY) & 1;
                }
            }

            return $this->give($to);
        }, range(0, $ways - 1));
    }

    /**
     * The same with one step given to the next of those that could do it.
     *
     * @param list<Activity> $given
     *
     * @return iterable<list<Activity>>
     */
    public function neighbours(array $given): iterable
    {
        foreach ($this->network->activities as $i => $activity) {
            $any = $activity->anyOf;
            if ([] === $any || $activity->minutes <= 0.0) {
                continue;
            }
            $now = array_search($given[$i]->needs[count($given[$i]->needs) - 1], $any, true);
            $neighbour = $given;
            $neighbour[$i] = $activity->by($any[((int) $now + 1) % count($any)]);
            yield array_values($neighbour);
        }
    }

    /**
     * @param array<int, int> $to number of the one that does it, by step
     *
     * @return list<Activity>
     */
    private function give(array $to): array
    {
        return array_map(
            static fn (Activity $activity, int $i): Activity => [] === $activity->anyOf
                ? $activity
                : $activity->by($activity->anyOf[($to[$i] ?? 0) % count($activity->anyOf)]),
            $this->network->activities,
            array_keys($this->network->activities),
        );
    }
}
