<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Kit\KitAgent;
use GoodRinse\Core\Round\Kit\KitList;
use GoodRinse\Core\Round\Kit\KitReason;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/**
 * Whatever is answered on the way, the kit holds as much as is poured and no more than some answers ask for, and what it
 * says of when a thing is needed is true.
 */
final class KitLawsTest extends CoreTestCase
{
    private const WALKS = 1500;

    /** @return iterable<string, array{string, string, int}> kind, procedure and a seed for its traits */
    public static function procedures(): iterable
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kind) {
            foreach (array_keys(self::handbook()->kind($kind)->procedureNames) as $procedure) {
                foreach ([1, 2] as $seed) {
                    yield "$kind, $procedure, machine $seed" => [$kind, $procedure, $seed];
                }
            }
        }
    }

    #[DataProvider('procedures')]
    public function test_the_kit_holds_what_the_dearest_answers_pour_and_says_when(string $kind, string $id, int $seed): void
    {
        $dice = new Dice($seed);
        $procedure = self::onSome($kind, $id, $dice);
        if (null === $procedure) {
            self::expectNotToPerformAssertions(); // not on this machine

            return;
        }
        self::assertNotSame([], $procedure->steps);
        $kit = KitList::of($procedure, []);
        $agents = array_combine(array_map(static fn (KitAgent $agent): string => $agent->id, $kit->agents), $kit->agents);
        $most = [];
        for ($walk = 0; $walk < self::WALKS; ++$walk) {
            [$poured, $tools, $names, $graded] = self::walk($procedure, $dice);
            foreach ($poured as $agent => $portion) {
                $most[$agent] = max($most[$agent] ?? 0.0, $portion->count);
                $this->assertReason($agents[$agent]->if, null !== $agents[$agent]->sure, $names, $graded, $agent);
            }
            foreach ($kit->items as $item) {
                $isFetchedInVain = null === $item->if && [] === $item->for && !in_array($item->id, $tools, true);
                self::assertFalse($isFetchedInVain, "$item->id is needed for sure");
                if (in_array($item->id, $tools, true)) {
                    $this->assertReason($item->if, false, $names, $graded, $item->id);
                }
            }
        }
        foreach ($agents as $agent => $told) {
            self::assertEqualsWithDelta($most[$agent] ?? 0.0, $told->most->all()[0]->count, 1e-9, "of $agent");
        }
    }

    /**
     * @param list<string> $names of the answers given
     * @param bool $graded whether something was judged dirty
     */
    private function assertReason(?KitReason $if, bool $partly, array $names, bool $graded, string $what): void
    {
        self::assertTrue(
            null === $if || $partly || ($if->isDirt && $graded) || [] !== array_intersect($names, $if->answers),
            "$what: needed after ".implode(', ', $names).', and the kit says only for '.implode(', ', $if->answers ?? []),
        );
    }

    private static function onSome(string $kind, string $id, Dice $dice): ?Procedure
    {
        $handbook = self::handbook();
        $traits = [];
        foreach ($handbook->kind($kind)->traits() as $trait) {
            if ([] !== $trait->options) {
                $traits[$trait->id] = self::one(array_values($trait->options), $dice)->id;
            }
        }
        $set = ProcedureSet::of($id);
        $composed = (new Composer($handbook))->compose($handbook->kind($kind), $set, new Circumstances($traits));
        if (null === $composed->procedure) {
            return null;
        }

        return (new Handbook($handbook->excerpt($kind, $set, $composed->binding)))->kind($kind)->procedures->only();
    }

    /**
     * @template T
     *
     * @param list<T> $of at least one
     *
     * @return T
     */
    private static function one(array $of, Dice $dice): mixed
    {
        return $of[$dice->between(0, count($of) - 1)];
    }

    /**
     * A round with random answers.
     *
     * @return array{array<string, Portion>, list<string>, list<string>, bool} what is poured, the tools, the names of
     *     the answers, and whether something was judged
     */
    private static function walk(Procedure $procedure, Dice $dice): array
    {
        [$poured, $tools, $names, $answers, $graded] = [[], [], [], [], false];
        foreach ($procedure->steps as $step) {
            if (!$step->if->holds($answers)) {
                continue;
            }
            array_push($tools, ...$step->tools);
            foreach ($step->amounts as $amount) {
                $there = $poured[$amount->agent] ?? null;
                $poured[$amount->agent] = null === $there ? $amount->portion : $there->plus($amount->portion);
            }
            foreach (array_filter([$step->capture, $step->capture?->also]) as $capture) {
                if ([] !== $capture->options) {
                    $option = self::one(array_values($capture->options), $dice);
                    $answers[$capture->id] = $option->id;
                    $names[] = $option->name;
                    $graded = $graded || 'grade' === $capture->kind->value;
                }
            }
        }

        return [$poured, $tools, $names, $graded];
    }
}
