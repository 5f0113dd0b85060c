<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace\Suspect;

use GoodRinse\Core\Handbook\Fault\FaultRules;

/**
 * Which causes are suspects of what was noticed, and whether one fault explains it or several.
 *
 * A cause is a suspect only while something noticed names it. The symptoms are divided into groups, each covered by a cause
 * that all its symptoms name; every further fault makes a division less likely, and the likeliest wins.
 *
 * Source: Reggia, Nau, Wang, Diagnostic expert systems based on a set covering model, Int. J. Man-Machine Studies 19, 1983.
 */
final readonly class SuspectModel
{
    /** Relative difference within which two divisions count as equally likely. */
    private const ALIKE = 1e-9;

    /** @var list<string> */
    private array $causes;

    /** @var list<float> chance of each cause before anything was noticed, adding up to 1, or all 0 */
    private array $priors;

    /**
     * @param array<array-key, float> $weights by cause, 0 or more, with what its rhythm says of it
     * @param list<NoticedSymptom> $noticed 1 to 8, in the order in which they were noticed
     */
    public function __construct(array $weights, private array $noticed, private FaultRules $rules)
    {
        $sum = array_sum($weights);
        $this->causes = array_map(strval(...), array_keys($weights));
        $this->priors = array_values(array_map(static fn (float $weight): float => $sum > 0 ? $weight / $sum : 0.0, $weights));
    }

    /**
     * A cause's weight with how worn the care task is that prevents it: what was cleaned yesterday is a poor suspect, what is
     * long overdue a strong one.
     *
     * @param float|null $wear of the task, 0 or more, 1 when it is due; null where no clock tells
     */
    public static function weight(float $weight, ?float $wear, FaultRules $rules): float
    {
        return null === $wear ? $weight : $weight * ($rules->fresh + (1 - $rules->fresh) * min($wear, $rules->mostWear));
    }

    /** @return list<SuspectGroup> the gravest first */
    public function groups(): array
    {
        $explained = array_keys(array_filter($this->noticed, $this->isExplained(...)));
        $groups = array_map(static fn (int $place): array => [$place], array_values(array_diff(array_keys($this->noticed), $explained)));
        array_push($groups, ...$this->divided($explained));
        usort($groups, fn (array $a, array $b): int => [$this->severity($b), $a[0]] <=> [$this->severity($a), $b[0]]);

        return array_map(fn (array $places): SuspectGroup => new SuspectGroup(
            array_map(fn (int $place): string => $this->noticed[$place]->id, $places),
            $this->suspects($places),
        ), $groups);
    }

    /**
     * The likeliest division; of those alike the one of fewer faults, then the first in the order of group numbers.
     *
     * @param list<int> $places of symptoms
     *
     * @return list<non-empty-list<int>>
     */
    private function divided(array $places): array
    {
        $covers = $scored = [];
        $most = 0.0;
        foreach (self::divisions(count($places)) as $numbers) {
            $groups = self::grouped($places, $numbers);
            $score = $this->rules->further ** (count($groups) - 1);
            foreach ($groups as $group) {
                $score *= $covers[implode(' ', $group)] ??= $this->cover($group);
            }
            $scored[] = [$score, $groups];
            $most = max($most, $score);
        }
        $best = null;
        foreach ($scored as [$score, $groups]) {
            if ($score >= $most * (1 - self::ALIKE) && (null === $best || count($groups) < count($best))) {
                $best = $groups;
            }
        }

        return $best ?? [];
    }

    /**
     * @param list<int> $places
     * @param list<int> $numbers group of each
     *
     * @return list<non-empty-list<int>>
     */
    private static function grouped(array $places, array $numbers): array
    {
        $groups = [];
        foreach ($numbers as $i => $group) {
            $groups[$group][] = $places[$i];
        }

        return array_values($groups);
    }

    /**
     * Every division of so many things into groups, as the group number of each: 0 0 1 before 0 1 0.
     *
     * @return \Generator<list<int>>
     */
    private static function divisions(int $count): \Generator
    {
        if ($count > 0) {
            yield from self::divisionsFrom([0], 0, $count);
        }
    }

    /**
     * @param non-empty-list<int> $numbers
     *
     * @return \Generator<list<int>>
     */
    private static function divisionsFrom(array $numbers, int $highest, int $count): \Generator
    {
        if (count($numbers) === $count) {
            yield $numbers;

            return;
        }
        for ($group = 0; $group <= $highest + 1; ++$group) {
            yield from self::divisionsFrom([...$numbers, $group], max($highest, $group), $count);
        }
    }

    /**
     * How likely one fault that all of these name shows them all.
     *
     * @param list<int> $places
     */
    private function cover(array $places): float
    {
        $sum = 0.0;
        foreach ($this->priors as $cause => $prior) {
            $sum += count($this->naming($places, $cause)) === count($places) ? $prior * $this->likelihood($places, $cause) : 0.0;
        }

        return $sum;
    }

    /**
     * @param non-empty-list<int> $places
     *
     * @return array<array-key, float>
     */
    private function suspects(array $places): array
    {
        $suspects = [];
        foreach ($this->priors as $cause => $prior) {
            if ($prior > 0 && [] !== $this->naming($places, $cause)) {
                $suspects[$this->causes[$cause]] = $prior * $this->likelihood($places, $cause);
            }
        }
        $sum = array_sum($suspects);

        return array_map(static fn (float $weight): float => $sum > 0 ? $weight / $sum : 0.0, $suspects);
    }

    /**
     * Those of the symptoms that name the cause.
     *
     * @param list<int> $places
     *
     * @return array<int, int>
     */
    private function naming(array $places, int $cause): array
    {
        return array_filter($places, fn (int $place): bool => $this->noticed[$place]->names($this->causes[$cause]));
    }

    /** @param list<int> $places */
    private function likelihood(array $places, int $cause): float
    {
        return (float) array_product(
            array_map(fn (int $place): float => $this->noticed[$place]->chance($this->causes[$cause]), $places),
        );
    }

    /** Whether it names a cause that is possible at all. */
    private function isExplained(NoticedSymptom $symptom): bool
    {
        foreach ($this->priors as $cause => $prior) {
            if ($prior > 0 && $symptom->names($this->causes[$cause])) {
                return true;
            }
        }

        return false;
    }

    /** @param non-empty-list<int> $places */
    private function severity(array $places): float
    {
        return max(array_map(fn (int $place): float => $this->noticed[$place]->severity, $places));
    }
}
