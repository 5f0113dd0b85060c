<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

/**
 * Takes off what lies over a part on this machine, where a procedure does not do so by itself.
 *
 * @internal to this folder
 */
final readonly class CoverInserter
{
    /**
     * @param array<string, array<array-key, mixed>> $steps data of all steps, by id
     * @param array<string, list<string>> $first parts that come off before a part on this machine, by part
     */
    public function __construct(private array $steps, private array $first)
    {
    }

    /**
     * @param array<string, list<string>> $chains step ids and StepChain::REFIT, by procedure
     *
     * @return array<string, list<string>>
     *
     * @throws OrderConflict when parts wait for each other
     */
    public function insert(array $chains): array
    {
        $off = [];
        foreach (array_merge(...array_values($chains)) as $word) {
            $off[] = $this->steps[$word]['takesOff'] ?? null;
        }
        foreach ($chains as $name => $words) {
            $new = [];
            foreach ($words as $word) {
                $part = $this->steps[$word]['takesOff'] ?? null;
                foreach (is_string($part) ? $this->above($part, []) : [] as $cover) {
                    if (!in_array($cover, $off, true)) {
                        array_push($new, ...$this->steps($cover));
                        $off[] = $cover;
                    }
                }
                $new[] = $word;
            }
            $chains[$name] = $new;
        }

        return $chains;
    }

    /**
     * @param list<string> $below
     *
     * @return list<string> everything that comes off before a part, the first first
     */
    private function above(string $part, array $below): array
    {
        if (in_array($part, $below, true)) {
            throw OrderConflict::circle([...$below, $part]);
        }
        $all = [];
        foreach ($this->first[$part] ?? [] as $cover) {
            array_push($all, ...[...$this->above($cover, [...$below, $part]), $cover]);
        }

        return array_values(array_unique($all));
    }

    /** @return list<string> steps that take a part off, one for each way machines hold it */
    private function steps(string $part): array
    {
        return array_keys(array_filter($this->steps, static fn (array $step): bool => ($step['takesOff'] ?? null) === $part));
    }
}
