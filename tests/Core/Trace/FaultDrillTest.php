<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Simulation\FaultDrill;
use GoodRinse\Core\Trace\Prices;
use Tests\Core\CoreTestCase;

/** Made-up households with one fault or two follow the cards: most put it right themselves, soon, and learn what it was. */
final class FaultDrillTest extends CoreTestCase
{
    private const HOUSEHOLDS = 700;
    private const FEE = 120.0;

    public function test_the_cards_lead_to_the_fault(): void
    {
        $trouble = self::handbook()->trouble('dishwasher');
        self::assertNotNull($trouble);
        $traits = ['filter' => 'twist-out', 'arms' => 'two', 'softener' => 'salt', 'disposer' => 'disposer', 'airGap' => 'air-gap'];
        $drill = new FaultDrill($trouble, $traits, new Prices(20, self::FEE), new Dice(3));
        $all = array_map(static fn (): array => $drill->household(), range(1, self::HOUSEHOLDS));
        $share = static fn (array $some, string $what): float => count(array_filter(array_column($some, $what))) / count($some);
        $mean = static fn (array $some, string $what): float => array_sum(array_column($some, $what)) / count($some);
        $byHand = array_filter($all, static fn (array $each): bool => $each['byHand']);
        $mended = array_filter($all, static fn (array $each): bool => !$each['called']);
        $single = array_filter($all, static fn (array $each): bool => 1 === $each['faults']);

        self::assertLessThanOrEqual(0.12, $share($byHand, 'called'), 'put right without a call where a person can');
        self::assertGreaterThanOrEqual(0.8, $share($mended, 'right'), 'the right cause is blamed');
        self::assertLessThanOrEqual(0.3 * self::FEE, $mean($all, 'cost'), 'against calling at once');
        self::assertLessThanOrEqual(8.0, $mean($single, 'cards'));
        self::assertLessThanOrEqual(14, max(array_column($all, 'longest')));
    }
}
