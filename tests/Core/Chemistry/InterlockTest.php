<?php

declare(strict_types=1);

namespace Tests\Core\Chemistry;

use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Chemistry\UnknownVessel;
use GoodRinse\Core\Chemistry\Verdict;
use GoodRinse\Core\Chemistry\VesselState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class InterlockTest extends CoreTestCase
{
    use EveryAgent;

    private const ACIDS = [
        'white-vinegar',
        'coloured-vinegar',
        'citric-acid',
        'limescale-remover',
        'lemon',
        'acid-machine-cleaner',
        'descaler',
        'rinse-aid',
    ];

    private const PEROXIDES = ['hydrogen-peroxide', 'oxygen-bleach', 'oxygen-machine-cleaner'];

    /** @return iterable<string, array{string, string, Verdict}> the pairs that matter in a kitchen */
    public static function pairs(): iterable
    {
        foreach (self::ACIDS as $acid) {
            yield "bleach, $acid" => ['chlorine-bleach', $acid, Verdict::ClearFirst];
            foreach (self::PEROXIDES as $peroxide) {
                yield "$peroxide, $acid" => [$peroxide, $acid, Verdict::ClearFirst];
            }
            foreach (['baking-soda', 'washing-soda'] as $soda) {
                yield "$soda, $acid" => [$soda, $acid, Verdict::Wasteful];
            }
            yield "degreaser, $acid" => ['alkaline-degreaser', $acid, Verdict::ClearFirst];
            yield "detergent, $acid" => ['dishwasher-detergent', $acid, Verdict::Wasteful];
            yield "white vinegar, $acid" => ['white-vinegar', $acid, Verdict::Go];
        }
        foreach ([...self::PEROXIDES, 'ammonia', 'alcohol', 'alkaline-degreaser'] as $other) {
            yield "bleach, $other" => ['chlorine-bleach', $other, Verdict::ClearFirst];
        }
        foreach (['dish-soap', 'soapy-spray', 'dishwasher-detergent'] as $soap) {
            yield "bleach, $soap" => ['chlorine-bleach', $soap, Verdict::Caution];
        }
        foreach (['white-vinegar', 'washing-soda', 'chlorine-bleach', 'dish-soap', 'oxygen-bleach', 'alcohol'] as $other) {
            yield "drain opener, $other" => ['drain-cleaner', $other, Verdict::ClearFirst];
        }
        yield 'drain opener and water' => ['drain-cleaner', 'plain-water', Verdict::Go];
        yield 'two peroxides' => ['oxygen-bleach', 'hydrogen-peroxide', Verdict::Go];
        yield 'soda and soda' => ['baking-soda', 'washing-soda', Verdict::Go];
        yield 'bleach and water' => ['chlorine-bleach', 'plain-water', Verdict::Go];
        yield 'salt and vinegar' => ['softener-salt', 'white-vinegar', Verdict::Go];
        yield 'a stranger beside bleach' => [self::STRANGER, 'chlorine-bleach', Verdict::ClearFirst];
        yield 'a stranger beside vinegar' => [self::STRANGER, 'white-vinegar', Verdict::ClearFirst];
        yield 'a stranger beside soda' => [self::STRANGER, 'baking-soda', Verdict::Caution];
    }

    #[DataProvider('pairs')]
    public function test_every_pair_gives_its_verdict_both_ways_in_every_vessel(string $one, string $other, Verdict $expected): void
    {
        foreach (array_keys(self::handbook()->chemistry()->vessels) as $vessel) {
            foreach ([[$one, $other], [$other, $one]] as [$proposed, $there]) {
                $alone = self::verdict($proposed, [], [], $vessel);
                $least = $expected->severity() > $alone->severity() ? $expected : $alone;
                self::assertSame($least, self::verdict($proposed, [$there], [], $vessel), "$proposed onto $there in a $vessel");
            }
        }
        self::assertContains(self::verdict($one), [Verdict::Go], 'with nothing in the bucket there is nothing to meet');
    }

    /** @return iterable<string, array{string, string, Verdict}> */
    public static function surfaces(): iterable
    {
        foreach (['stainless', 'aluminium', 'fine-mesh'] as $surface) {
            yield "bleach on $surface" => ['chlorine-bleach', $surface, Verdict::Never];
        }
        yield 'bleach on plastic' => ['chlorine-bleach', 'plastic', Verdict::Caution];
        foreach ([
            'washing-soda',
            'dishwasher-detergent',
            'alkaline-degreaser',
            'oxygen-bleach',
            'oxygen-machine-cleaner',
            'drain-cleaner',
        ] as $alkali) {
            yield "$alkali on aluminium" => [$alkali, 'aluminium', Verdict::Never];
            yield "$alkali on stainless" => [$alkali, 'stainless', Verdict::Go];
        }
        yield 'baking soda on aluminium' => ['baking-soda', 'aluminium', Verdict::Caution];
        yield 'bleach on rubber' => ['chlorine-bleach', 'rubber', Verdict::Caution];
        yield 'limescale remover on aluminium' => ['limescale-remover', 'aluminium', Verdict::Never];
        yield 'limescale remover on steel' => ['limescale-remover', 'stainless', Verdict::Caution];
        yield 'vinegar on aluminium' => ['white-vinegar', 'aluminium', Verdict::Caution];
        yield 'salt on steel' => ['softener-salt', 'stainless', Verdict::Caution];
        foreach (['coated', 'plastic', 'rubber'] as $surface) {
            yield "degreaser on $surface" => ['alkaline-degreaser', $surface, Verdict::Caution];
        }
        yield 'vinegar on rubber' => ['white-vinegar', 'rubber', Verdict::Caution];
        yield 'citric acid on rubber' => ['citric-acid', 'rubber', Verdict::Caution];
        yield 'coloured vinegar on plastic' => ['coloured-vinegar', 'plastic', Verdict::Caution];
        yield 'white vinegar on plastic' => ['white-vinegar', 'plastic', Verdict::Go];
        foreach (self::ACIDS as $acid) {
            yield "$acid on stone" => [$acid, 'stone', Verdict::Caution];
        }
        yield 'vinegar on steel' => ['white-vinegar', 'stainless', Verdict::Go];
        yield 'soap on anything' => ['dish-soap', 'coated', Verdict::Go];
    }

    #[DataProvider('surfaces')]
    public function test_every_surface_gives_its_verdict_with_and_without_residue(string $agent, string $surface, Verdict $expected): void
    {
        foreach (array_keys(self::handbook()->chemistry()->vessels) as $vessel) {
            foreach ([[], ['plain-water'], [$agent], ['softener-salt']] as $residues) {
                $alone = self::verdict($agent, $residues, [], $vessel);
                $worst = $expected->severity() > $alone->severity() ? $expected : $alone;
                self::assertSame($worst, self::verdict($agent, $residues, [$surface], $vessel));
                self::assertSame(
                    $worst,
                    self::verdict($agent, $residues, ['glass', $surface], $vessel),
                    'a harmless surface beside it changes nothing',
                );
            }
        }
    }

    public function test_soap_foams_in_tubs_and_tanks_and_nowhere_else(): void
    {
        foreach (['dish-soap', 'soapy-spray', 'dishwasher-detergent'] as $soap) {
            foreach ([
                'tub' => Verdict::Caution,
                'reservoir' => Verdict::Caution,
                'sink' => Verdict::Go,
                'bucket' => Verdict::Go,
                'bottle' => Verdict::Go,
            ] as $vessel => $expected) {
                self::assertSame($expected, self::verdict($soap, [], [], $vessel));
            }
        }
    }

    public function test_a_household_without_harsh_chemicals_has_neither_bleach_nor_strong_degreaser(): void
    {
        $refused = array_values(array_filter(
            self::agents(),
            static fn (string $agent): bool => Verdict::Never === self::verdict($agent, [], [], 'bucket', false),
        ));
        self::assertSame(['chlorine-bleach', 'alkaline-degreaser', 'drain-cleaner'], $refused);
        $found = self::interlock()->assess(new VesselState('tub', ['stainless'], [new Residue('white-vinegar')]), 'chlorine-bleach', false);
        self::assertNull($found->with, 'the household decides before the surface does');
    }

    public function test_it_says_what_decides_why_and_what_to_do_first(): void
    {
        $found = self::interlock()->assess(
            new VesselState('tub', ['plastic'], [new Residue('dish-soap'), new Residue('lemon')]),
            'chlorine-bleach',
        );
        self::assertSame('lemon', $found->with);
        self::assertStringContainsString('chlorine gas', $found->reason);
        self::assertSame('Run one full plain cycle.', $found->remedy);

        $found = self::interlock()->assess(new VesselState('sink', ['aluminium']), 'washing-soda');
        self::assertSame(['aluminium', Verdict::Never], [$found->with, $found->verdict]);
        self::assertStringContainsString('Washing soda', $found->reason);
    }

    public function test_vessels_and_surfaces_it_does_not_know_are_refused(): void
    {
        foreach ([new VesselState('teapot'), new VesselState('sink', ['velvet'])] as $state) {
            try {
                self::interlock()->assess($state, 'white-vinegar');
                self::fail('it was assessed');
            } catch (UnknownVessel $e) {
                self::assertMatchesRegularExpression('/teapot|velvet/', $e->getMessage());
            }
        }
    }
}
