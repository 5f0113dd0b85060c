<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Trace\Suspect\NoticedSymptom;
use GoodRinse\Core\Trace\Suspect\SuspectGroup;
use GoodRinse\Core\Trace\Suspect\SuspectModel;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Which causes are suspects, and one fault or several: worked examples, and laws over random models. */
final class SuspectModelTest extends CoreTestCase
{
    public function test_one_cause_that_shows_both_beats_two_that_show_one_each(): void
    {
        $water = new NoticedSymptom('water', 3, 0.02, ['clog' => 0.9, 'pump' => 0.9]);
        $smell = new NoticedSymptom('smell', 1, 0.05, ['clog' => 0.5, 'mould' => 0.6]);
        $groups = (new SuspectModel(['clog' => 2.0, 'pump' => 1.0, 'mould' => 4.0], [$smell, $water], self::handbook()->faultRules()))
            ->groups();

        self::assertCount(1, $groups); // 2/7 · 0.45 = 0.129 against 0.15 · 3/7 · 0.9 · (1/7 + 2.4/7) = 0.028
        self::assertSame(['smell', 'water'], $groups[0]->symptoms);
        $weights = [2 * 0.9 * 0.5, 1 * 0.9 * 0.05, 4 * 0.02 * 0.6];
        self::assertEqualsWithDelta($weights[0] / array_sum($weights), $groups[0]->suspects['clog'], 1e-12);
        self::assertEqualsWithDelta($weights[2] / array_sum($weights), $groups[0]->suspects['mould'], 1e-12);
    }

    public function test_two_faults_are_two_groups_the_gravest_first_and_what_nothing_names_stands_alone(): void
    {
        $film = new NoticedSymptom('film', 1, 0.05, ['lime' => 0.9]);
        $noise = new NoticedSymptom('noise', 3, 0.02, ['glass' => 0.9, 'gone' => 0.9]);
        $moon = new NoticedSymptom('moon', 3, 0.5, ['gone' => 1.0]);
        $groups = (new SuspectModel(['lime' => 5.0, 'glass' => 1.0, 'gone' => 0.0], [$film, $noise, $moon], self::handbook()->faultRules()))
            ->groups();

        self::assertSame([['noise'], ['moon'], ['film']], array_map(static fn (SuspectGroup $group): array => $group->symptoms, $groups));
        self::assertSame(
            [['glass' => 1.0], [], ['lime' => 1.0]],
            array_map(static fn (SuspectGroup $group): array => $group->suspects, $groups),
        );
    }

    public function test_a_task_just_done_leaves_a_tenth_of_the_odds_and_a_long_overdue_one_multiplies_them(): void
    {
        $rules = self::handbook()->faultRules();
        $weights = array_map(
            static fn (?float $wear): float => SuspectModel::weight(10.0, $wear, $rules),
            [null, 0.0, 1.0, 2.0, 3.0, 9.0],
        );
        foreach ([10.0, 1.0, 10.0, 19.0, 28.0, 28.0] as $i => $expected) {
            self::assertEqualsWithDelta($expected, $weights[$i], 1e-12);
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 60) as $seed) {
            yield "model $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_division_is_the_best_of_all_and_its_suspects_explain(int $seed): void
    {
        $dice = new Dice($seed);
        $weights = [];
        for ($i = $dice->between(1, 6); $i > 0; --$i) {
            $weights["c$i"] = 0 === $dice->between(0, 4) ? 0.0 : $dice->between(1, 50) / 5;
        }
        $symptoms = [];
        for ($i = 0, $count = $dice->between(1, 5); $i < $count; ++$i) {
            $given = [];
            foreach (array_keys($weights) as $cause) {
                if (0 === $dice->between(0, 1)) {
                    $given[$cause] = $dice->between(0, 19) / 20;
                }
            }
            $symptoms[] = new NoticedSymptom("s$i", $dice->between(0, 3), $dice->between(0, 4) / 20, $given);
        }
        $groups = (new SuspectModel($weights, $symptoms, self::handbook()->faultRules()))->groups();
        $found = array_map(static fn (SuspectGroup $group): array => $group->symptoms, $groups);
        $byId = array_combine(array_map(static fn (NoticedSymptom $symptom): string => $symptom->id, $symptoms), $symptoms);

        self::assertEqualsCanonicalizing(array_keys($byId), array_merge(...$found));
        $grave = array_map(
            static fn (array $ids): float => max(array_map(static fn (string $id): float => $byId[$id]->severity, $ids)),
            $found,
        );
        $sorted = $grave;
        rsort($sorted);
        self::assertSame($sorted, $grave);
        foreach ($groups as $group) {
            self::assertEqualsWithDelta([] === $group->suspects ? 0.0 : 1.0, array_sum($group->suspects), 1e-9);
            foreach (array_keys($group->suspects) as $cause) {
                $naming = array_filter($group->symptoms, static fn (string $id): bool => $byId[$id]->names($cause));
                self::assertNotSame([], $naming, "$cause explains nothing");
                self::assertGreaterThan(0.0, $weights[$cause]);
            }
        }
        $explained = array_values(array_filter(
            $found,
            static fn (array $ids): bool => [] !== $groups[array_search($ids, $found, true)]->suspects,
        ));
        self::assertEqualsWithDelta(
            self::best($weights, array_map(static fn (string $id): NoticedSymptom => $byId[$id], array_merge([], ...$explained))),
            self::score($weights, array_map(
                static fn (array $ids): array => array_map(static fn (string $id): NoticedSymptom => $byId[$id], $ids),
                $explained,
            )),
            1e-12,
        );
    }

    /**
     * The best score, by trying every group number for every symptom.
     *
     * @param array<string, float> $weights
     * @param list<NoticedSymptom> $symptoms
     */
    private static function best(array $weights, array $symptoms): float
    {
        $count = count($symptoms);
        $best = 0 === $count ? self::score($weights, []) : 0.0;
        for ($code = 0; $code < $count ** $count; ++$code) {
            $groups = [];
            for ($i = 0, $rest = $code; $i < $count; ++$i, $rest = intdiv($rest, $count)) {
                $groups[$rest % $count][] = $symptoms[$i];
            }
            $best = max($best, self::score($weights, $groups));
        }

        return $best;
    }

    /**
     * @param array<string, float> $weights
     * @param array<int, list<NoticedSymptom>> $groups
     */
    private static function score(array $weights, array $groups): float
    {
        $score = 0.15 ** (count($groups) - 1);
        foreach ($groups as $group) {
            $sum = 0.0;
            foreach ($weights as $cause => $weight) {
                $each = array_sum($weights) > 0 ? $weight / array_sum($weights) : 0.0;
                foreach ($group as $symptom) {
                    $each *= $symptom->names($cause) ? $symptom->chance($cause) : 0.0;
                }
                $sum += $each;
            }
            $score *= $sum;
        }

        return $score;
    }
}
