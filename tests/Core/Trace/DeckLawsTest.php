<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\FaultModel;
use GoodRinse\Core\Trace\Machine\FaultCase;
use GoodRinse\Core\Trace\Machine\MachineFaults;
use GoodRinse\Core\Trace\Prices;
use GoodRinse\Core\Trace\RankedOption;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/**
 * Whatever is noticed, on whatever machine, however worn it is and whatever is answered: suspects explain, cards serve them,
 * nothing is proposed that the state of the machine forbids, and what can hurt comes first.
 */
final class DeckLawsTest extends CoreTestCase
{
    private const TRIPLES = 75;
    private const ANSWERS = 6;

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kind) {
            if (null !== self::handbook()->trouble($kind)) {
                yield $kind => [$kind];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_the_deck_of_every_symptom_pair_and_many_triples(string $kind): void
    {
        $dice = new Dice(5);
        $ids = array_keys(self::trouble($kind)->symptoms);
        foreach ($ids as $i => $one) {
            $this->look($kind, [$one], $dice);
            foreach (array_slice($ids, $i + 1) as $other) {
                $this->look($kind, [$one, $other], $dice);
            }
        }
        for ($i = 0; $i < self::TRIPLES; ++$i) {
            $some = array_map(static fn (): string => $ids[$dice->between(0, count($ids) - 1)], [1, 2, 3]);
            $this->look($kind, array_values(array_unique($some)), $dice);
        }
    }

    #[DataProvider('kinds')]
    public function test_wear_moves_suspects_the_right_way(string $kind): void
    {
        $trouble = self::trouble($kind);
        foreach ($trouble->symptoms as $symptom) {
            foreach ($trouble->causes as $cause) {
                if (null === $cause->task || !in_array($cause->id, $symptom->pointsTo(), true) || !$symptom->when->holds([])) {
                    continue;
                }
                $chances = [];
                foreach ([0.0, 0.4, 1.0, 2.5] as $wear) {
                    $case = new FaultCase([], new Prices(20, 120), [$symptom->id], wear: [$cause->task => $wear]);
                    $model = (new MachineFaults($trouble))->model($case);
                    $chances[] = array_sum(array_map(
                        static fn (int $place): float => $trouble->causes[$model->causes[$place]]->task === $cause->task
                            ? $model->weights[$place]
                            : 0.0,
                        array_keys($model->causes),
                    )) / array_sum($model->weights);
                }
                $sorted = $chances;
                sort($sorted);
                self::assertSame($sorted, $chances, "$symptom->id, $cause->id");
            }
        }
    }

    /** @param non-empty-list<string> $noticed */
    private function look(string $kind, array $noticed, Dice $dice): void
    {
        $trouble = self::trouble($kind);
        $traits = $wear = $answers = $failed = [];
        foreach (self::handbook()->kind($kind)->traits() as $trait) {
            if ([] !== $trait->options && $dice->between(0, 2) > 0) {
                $traits[$trait->id] = $trait->options[$dice->between(0, count($trait->options) - 1)]->id;
            }
        }
        foreach (array_keys(self::handbook()->kind($kind)->tasks()) as $task) {
            $wear[$task] = 0 === $dice->between(0, 2) ? null : $dice->uniform() * 4;
        }
        $noticed = array_values(array_filter(
            $noticed,
            static fn (string $id): bool => $trouble->symptoms[$id]->when->holds($traits),
        ));
        if ([] === $noticed) {
            return;
        }
        $faults = new MachineFaults($trouble);
        $case = new FaultCase($traits, new Prices(20, 120), $noticed, wear: $wear);
        $groups = $faults->suspects($case)->groups();
        self::assertEqualsCanonicalizing($noticed, array_merge(...array_map(static fn ($group): array => $group->symptoms, $groups)));
        foreach (range(0, self::ANSWERS) as $ignored) {
            $case = new FaultCase($traits, new Prices(20, 120), $groups[0]->symptoms, wear: $wear, answers: $answers);
            $what = "$kind, ".implode(' and ', $case->present).' '.json_encode([$traits, $answers, $failed]);
            $model = $faults->model($case);
            $diagnosis = Diagnosis::of($model, new Evidence($answers, $failed), new Evidence());
            if (null !== $diagnosis->conflict) {
                return;
            }
            $this->obey($trouble, $case, $model, $diagnosis, $what);
            $card = $diagnosis->deck[$dice->between(0, min(2, count($diagnosis->deck) - 1))];
            if (RankedOption::CALL === $card->kind) {
                return;
            }
            if (RankedOption::ACTION === $card->kind) {
                $failed[] = $card->id;
            } else {
                $results = $trouble->checks[$card->id]->results;
                $answers[] = [$card->id, $results[$dice->between(0, count($results) - 1)]->id];
                $this->isMonotone($model, $diagnosis, $answers, $failed, $what);
            }
        }
    }

    private function obey(FaultCatalog $trouble, FaultCase $case, FaultModel $model, Diagnosis $diagnosis, string $what): void
    {
        $named = array_merge(...array_map(static fn (string $id): array => $trouble->symptoms[$id]->pointsTo(), $case->present));
        self::assertSame([], array_diff(array_keys($diagnosis->suspects), $named), "a suspect that explains nothing: $what");
        $floods = $trouble->floods->stands($case->present, $case->answers);
        foreach ($diagnosis->deck as $card) {
            if (RankedOption::CALL === $card->kind) {
                $mended = array_map(static fn (int $place): string => $model->causes[$place], $model->mended ?? []);
                $isOfUse = array_sum(array_intersect_key($diagnosis->suspects, array_flip($mended))) >= $trouble->rules->danger;
                self::assertTrue($isOfUse || 1 === count($diagnosis->deck) || $diagnosis->callForSafety, "a call for nothing: $what");
                continue;
            }
            $known = RankedOption::CHECK === $card->kind ? $trouble->checks[$card->id] : $trouble->actions[$card->id];
            self::assertTrue($known->when->holds($case->traits), "$card->id is not for this machine: $what");
            self::assertFalse($known->dry && $floods, "$card->id in standing water: $what");
            if (RankedOption::CHECK === $card->kind) {
                $tells = array_filter(
                    $model->check($card->id)->results,
                    static fn (array $chances): bool => max($chances) - min($chances) > 1e-9,
                );
                self::assertNotSame([], $tells, "$card->id tells nothing apart: $what");
            } else {
                self::assertNotSame([], array_filter($model->action($card->id)->fixes), "$card->id helps against nothing: $what");
            }
        }
        $dangers = array_filter($diagnosis->deck, static fn (RankedOption $card): bool => $card->danger);
        self::assertTrue([] === $dangers || $diagnosis->deck[0]->danger || $diagnosis->callForSafety, "danger is not first: $what");
        $this->dealsWithAClearCase($trouble, $model, $diagnosis, $what);
    }

    /** At eight in ten the next card is its remedy, or a far cheaper check that could still clear it. */
    private function dealsWithAClearCase(FaultCatalog $trouble, FaultModel $model, Diagnosis $diagnosis, string $what): void
    {
        $cause = (string) array_key_first($diagnosis->suspects);
        $next = $diagnosis->deck[0];
        if ($diagnosis->suspects[$cause] < $trouble->rules->clear || $next->danger || $diagnosis->callForSafety) {
            return;
        }
        $place = array_search($cause, $model->causes, true);
        $helps = static fn (RankedOption $card): float => match ($card->kind) {
            RankedOption::ACTION => $model->action($card->id)->fixes[$place] ?? 0.0,
            RankedOption::CALL => in_array($place, $model->mended ?? [], true) ? 1.0 : 0.0,
            default => 0.0,
        };
        $fixes = array_filter($diagnosis->deck, static fn (RankedOption $card): bool => $helps($card) >= $trouble->rules->named);
        if ([] === $fixes) {
            return;
        }
        $cheapest = min(array_map(static fn (RankedOption $card): float => $card->cost, $fixes));
        self::assertTrue(
            $helps($next) >= $trouble->rules->named
                || (RankedOption::CHECK === $next->kind && $cheapest >= $trouble->rules->cheap * $next->cost),
            "$cause is clear and $next->id comes next: $what",
        );
    }

    /**
     * A result that no other cause makes likelier never lowers its cause.
     *
     * @param list<array{string, string}> $answers
     * @param list<string> $failed
     */
    private function isMonotone(FaultModel $model, Diagnosis $before, array $answers, array $failed, string $what): void
    {
        [$check, $result] = $answers[count($answers) - 1];
        $after = Diagnosis::of($model, new Evidence($answers, $failed), new Evidence());
        $chances = $model->check($check)->results[$result];
        foreach ($model->causes as $place => $cause) {
            if (null === $after->conflict && ($chances[$place] ?? 0.0) >= max($chances)) {
                self::assertGreaterThanOrEqual($before->suspects[$cause] - 1e-9, $after->suspects[$cause], "$cause after $result: $what");
            }
        }
    }

    private static function trouble(string $kind): FaultCatalog
    {
        return self::handbook()->trouble($kind) ?? throw new \LogicException($kind);
    }
}
