<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan;

/**
 * Of jobs that are too much for the time there is, those of the greatest worth that fit. Up to ten jobs it is the best set
 * there is; beyond, jobs are taken the most worth first, each if it still fits.
 */
final readonly class FittingSet
{
    /** Jobs up to which every set is weighed. */
    private const EXACT = 10;

    /**
     * @param list<string> $chosen in the order in which the jobs were given
     * @param bool $isBest whether no other set that fits is worth more
     */
    private function __construct(public array $chosen, public bool $isBest)
    {
    }

    /**
     * @param array<string, float> $worth of each job, 0 or more
     * @param \Closure(list<string>): bool $fits whether these jobs fit; what does not fit is taken not to fit with more either
     */
    public static function greatest(array $worth, \Closure $fits): self
    {
        $jobs = array_map(strval(...), array_keys($worth));
        if ([] === $jobs || $fits($jobs)) {
            return new self($jobs, true);
        }

        return count($jobs) <= self::EXACT ? self::best($jobs, $worth, $fits) : self::mostFirst($jobs, $worth, $fits);
    }

    /**
     * Goes through the sets from the greatest worth down, and passes over those that hold one that did not fit.
     *
     * @param non-empty-list<string> $jobs
     * @param array<string, float> $worth
     * @param \Closure(list<string>): bool $fits
     */
    private static function best(array $jobs, array $worth, \Closure $fits): self
    {
        $last = 2 ** count($jobs) - 1;
        $sums = [];
        for ($set = 1; $set < $last; ++$set) {
            $sums[$set] = array_sum(array_map(static fn (string $job): float => $worth[$job], self::members($set, $jobs)));
        }
        arsort($sums);
        $refused = [];
        // One job alone is quickly tried, and one that never fits rules out half of the sets.
        foreach (array_keys($jobs) as $i) {
            if (!$fits([$jobs[$i]])) {
                $refused[] = 1 << $i;
            }
        }
        foreach (array_keys($sums) as $set) {
            foreach ($refused as $no) {
                if (($set & $no) === $no) {
                    continue 2;
                }
            }
            if ($fits(self::members($set, $jobs))) {
                return new self(self::members($set, $jobs), true);
            }
            $refused[] = $set;
        }

        return new self([], true);
    }

    /**
     * @param non-empty-list<string> $jobs
     * @param array<string, float> $worth
     * @param \Closure(list<string>): bool $fits
     */
    private static function mostFirst(array $jobs, array $worth, \Closure $fits): self
    {
        arsort($worth);
        $chosen = [];
        foreach (array_keys($worth) as $job) {
            if ($fits([...$chosen, (string) $job])) {
                $chosen[] = (string) $job;
            }
        }

        return new self(array_values(array_intersect($jobs, $chosen)), false);
    }

    /**
     * @param int $set bits of the jobs in it
     * @param non-empty-list<string> $jobs
     *
     * @return list<string>
     */
    private static function members(int $set, array $jobs): array
    {
        return array_values(array_filter($jobs, static fn (int $i): bool => 0 !== ($set >> $i & 1), ARRAY_FILTER_USE_KEY));
    }
}
