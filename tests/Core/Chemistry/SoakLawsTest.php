<?php

declare(strict_types=1);

namespace Tests\Core\Chemistry;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** While something soaks in a vessel, no other step of the round pours into that vessel or empties it. */
final class SoakLawsTest extends CoreTestCase
{
    private const ROUNDS = 150;

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kind) {
            if ([] !== self::handbook()->kind($kind)->procedureNames) {
                yield $kind => [$kind];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_a_soak_is_left_in_peace(string $id): void
    {
        $dice = new Dice(17);
        $rounds = 0;
        foreach (array_keys(self::handbook()->kind($id)->procedureNames) as $procedure) {
            foreach (range(1, 4) as $ignored) {
                $rounds += $this->look($id, [$procedure], $dice);
            }
        }
        for ($i = 0; $i < self::ROUNDS; ++$i) {
            $names = array_keys(self::handbook()->kind($id)->procedureNames);
            $some = array_map(static fn (): string => $names[$dice->between(0, count($names) - 1)], range(1, $dice->between(2, 4)));
            $rounds += $this->look($id, $some, $dice);
        }
        self::assertGreaterThan(count(self::handbook()->kind($id)->procedureNames), $rounds);
    }

    /**
     * @param non-empty-list<string> $procedures
     *
     * @return int rounds looked at: 1, or 0 where it is none for this machine
     */
    private function look(string $id, array $procedures, Dice $dice): int
    {
        $kind = self::handbook()->kind($id);
        $traits = [];
        foreach ($kind->traits() as $trait) {
            if ([] !== $trait->options && $dice->between(0, 3) > 0) {
                $traits[$trait->id] = $trait->options[$dice->between(0, count($trait->options) - 1)]->id;
            }
        }
        try {
            $set = ProcedureSet::from($procedures);
            $composed = (new Composer(self::handbook()))->compose($kind, $set, new Circumstances($traits, 1 === $dice->between(0, 1)));
        } catch (OrderConflict) {
            return 0;
        }
        if (null === $composed->procedure) {
            return 0;
        }
        $round = (new Handbook(self::handbook()->excerpt($id, $set, $composed->binding)))->kind($id)->procedures->only();
        foreach ($round->steps as $i => $soak) {
            foreach (null === $soak->timer ? [] : self::poured($soak) as $vessel => $agents) {
                foreach (self::until($soak, array_slice($round->steps, $i + 1)) as $meanwhile) {
                    if (!$meanwhile->if->agreesWith($soak->if)) {
                        continue;
                    }
                    $what = "$id, ".implode(' and ', $procedures).": $meanwhile->id while $soak->id stands in the $vessel";
                    self::assertSame([], array_diff(self::poured($meanwhile)[$vessel] ?? [], $agents), $what);
                    self::assertFalse(null !== $meanwhile->clears && self::vessel($meanwhile->clears->vessel) === $vessel, $what);
                }
            }
        }

        return 1;
    }

    /**
     * @param list<Step> $after
     *
     * @return list<Step> those that come while it soaks
     */
    private static function until(Step $soak, array $after): array
    {
        $between = [];
        foreach ($after as $step) {
            if ($step->waitsFor === $soak->id) {
                return $between;
            }
            $between[] = $step;
        }

        return []; // nothing waits for it
    }

    /** @return array<string, list<string>> agents but water, by vessel */
    private static function poured(Step $step): array
    {
        $poured = [];
        foreach ($step->amounts as $amount) {
            if (!self::handbook()->agent($amount->agent)->noTrace) {
                $poured[self::vessel($amount->vessel)][] = $amount->agent;
            }
        }

        return $poured;
    }

    private static function vessel(string $id): string
    {
        return self::handbook()->chemistry()->vesselId($id);
    }
}
