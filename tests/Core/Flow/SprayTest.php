<?php

declare(strict_types=1);

namespace Tests\Core\Flow;

use GoodRinse\Core\Flow\ArmMotion;
use GoodRinse\Core\Flow\InvalidFlow;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\Ring;
use GoodRinse\Core\Flow\Spray;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Fuzz\RandomArm;

final class SprayTest extends CoreTestCase
{
    private const GOLDEN = __DIR__.'/../../fixtures/flow/maps.json';
    private const MAPS = 500;

    private static function spray(): Spray
    {
        return new Spray(self::handbook()->measureModel()->flow);
    }

    public function test_one_jet_wets_one_ring_and_leaves_the_rest_dull(): void
    {
        $arm = new SprayArm('lower', [new Jet(0.2, JetSide::Top, 2.5), new Jet(-0.3, JetSide::Under, 2.5, Jet::HALF)]);

        self::assertEqualsWithDelta(0.75, $arm->openness(), 1e-12);
        self::assertSame(1.0, $arm->openness(JetSide::Top));
        self::assertSame(0.5, $arm->openness(JetSide::Under));
        self::assertEqualsWithDelta(0.26 ** 2 - 0.14 ** 2, self::spray()->coverage($arm), 1e-12);
        self::assertEqualsWithDelta([[0, 0.14], [0.26, 1]], self::pairs(self::spray()->dullRings($arm) ?? []), 1e-12);
        self::assertEqualsWithDelta(1.0, self::spray()->dullShare($arm, new Ring(0.5, 1.0)), 1e-12);
    }

    public function test_a_half_shut_jet_still_wets_and_a_shut_one_does_not(): void
    {
        $arm = static fn (float $blocked): SprayArm => new SprayArm('a', [new Jet(0.5, JetSide::Top, 2.0, $blocked)]);

        self::assertSame(self::spray()->coverage($arm(Jet::OPEN)), self::spray()->coverage($arm(Jet::HALF)));
        self::assertSame(0.0, self::spray()->coverage($arm(Jet::SHUT)));
        self::assertEquals([[0.0, 1.0]], self::pairs(self::spray()->dullRings($arm(Jet::SHUT)) ?? []));
    }

    public function test_a_wide_jet_counts_by_its_area_and_the_smallest_still_counts(): void
    {
        $arm = new SprayArm('a', [new Jet(0.1, JetSide::Top, 2.0), new Jet(0.5, JetSide::Top, 4.0, Jet::SHUT)]);
        $tiny = new SprayArm('a', [new Jet(0.1, JetSide::Top, 1e-200), new Jet(0.5, JetSide::Top, 1e-200, Jet::SHUT)]);

        self::assertEqualsWithDelta(0.2, $arm->openness(), 1e-12);
        self::assertSame(0.5, $tiny->openness());
    }

    public function test_what_an_arm_does_not_have_has_no_figure(): void
    {
        $under = new SprayArm('a', [new Jet(0.1, JetSide::Under, 2.0)]);

        self::assertNull((new SprayArm('a', []))->openness());
        self::assertNull($under->openness(JetSide::Top));
        self::assertNull(self::spray()->coverage($under));
        self::assertNull(self::spray()->dullRings($under));
    }

    public function test_an_arm_that_stands_wets_two_sectors(): void
    {
        $jets = [new Jet(0.5, JetSide::Top, 2.0), new Jet(-0.9, JetSide::Top, 2.0)];
        $spins = self::spray()->coverage(new SprayArm('a', $jets));
        $stands = self::spray()->coverage(new SprayArm('a', $jets, ArmMotion::Stuck));

        self::assertEqualsWithDelta($spins * 30 / 360, $stands, 1e-12);
    }

    /** @return iterable<string, array{\Closure(): mixed}> */
    public static function impossible(): iterable
    {
        yield 'off the arm' => [static fn (): Jet => new Jet(1.01, JetSide::Top, 2.0)];
        yield 'nowhere' => [static fn (): Jet => new Jet(NAN, JetSide::Top, 2.0)];
        yield 'without a bore' => [static fn (): Jet => new Jet(0.5, JetSide::Top, 0.0)];
        yield 'a third shut' => [static fn (): Jet => new Jet(0.5, JetSide::Top, 2.0, 0.3)];
        yield 'thirteen o’clock' => [static fn (): SprayArm => new SprayArm('a', [], ArmMotion::Hits, 13)];
        yield 'hits nothing' => [static fn (): SprayArm => new SprayArm('a', [], ArmMotion::Hits)];
        yield 'two jets in one place' => [static fn () => (new SprayArm('a', [
            new Jet(0.5, JetSide::Top, 2.0),
            new Jet(0.505, JetSide::Top, 3.0),
        ]))->ensureApart()];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_refused(\Closure $make): void
    {
        $this->expectException(InvalidFlow::class);
        $make();
    }

    public function test_jets_on_both_halves_or_both_sides_are_not_in_one_place(): void
    {
        $arm = new SprayArm('a', [
            new Jet(0.5, JetSide::Top, 2.0),
            new Jet(-0.5, JetSide::Top, 2.0),
            new Jet(0.5, JetSide::Under, 2.0),
        ]);
        $arm->ensureApart();
        self::assertCount(2, $arm->jetsOf(JetSide::Top));
    }

    public function test_laws_of_every_arm(): void
    {
        $dice = new Dice(20261129);
        $random = new RandomArm($dice);
        for ($i = 0; $i < 300; ++$i) {
            $arm = $random->arm();
            $spray = self::spray();
            $with = static fn (array $jets): SprayArm => new SprayArm($arm->id, array_values($jets), $arm->motion, $arm->hitsAt);
            $coverage = $spray->coverage($arm);
            if (null !== $coverage) {
                self::assertGreaterThanOrEqual(0.0, $coverage);
                self::assertLessThanOrEqual(1.0, $coverage);
                $turning = new SprayArm($arm->id, $arm->jets);
                $rings = [...$spray->wetRings($turning) ?? [], ...$spray->dullRings($turning) ?? []];
                self::assertEqualsWithDelta(
                    1.0,
                    array_sum(array_map(static fn (Ring $ring): float => $ring->share(), $rings)),
                    1e-9,
                    'wet and dull make the whole rack',
                );
            }
            $mixed = $arm->jets;
            usort($mixed, static fn (): int => $dice->between(-1, 1));
            self::assertEqualsWithDelta($arm->openness(), $with($mixed)->openness(), 1e-12, 'the order of jets says nothing');
            self::assertEqualsWithDelta($coverage, $spray->coverage($with($mixed)), 1e-12);
            foreach ($arm->jets as $n => $jet) {
                $shut = $arm->jets;
                $shut[$n] = new Jet($jet->place, $jet->side, $jet->bore, Jet::SHUT);
                if ($jet->blocked < Jet::SHUT) {
                    self::assertLessThan($arm->openness(), $with($shut)->openness(), 'a jet that shuts lets less through');
                }
                self::assertLessThanOrEqual(($coverage ?? 0.0) + 1e-12, $spray->coverage($with($shut)) ?? 0.0);
            }
        }
    }

    /** What the browser paints is held to the same file: tests/Script/flow.test.js. */
    public function test_the_golden_file_is_what_the_core_says(): void
    {
        $golden = json_encode(self::golden(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n";
        if (getenv('GOODRINSE_WRITE_GOLDEN')) {
            file_put_contents(self::GOLDEN, $golden);
        }
        self::assertSame((string) file_get_contents(self::GOLDEN), $golden);
    }

    /** @return array<string, mixed> */
    private static function golden(): array
    {
        $random = new RandomArm(new Dice(500));
        $flow = self::handbook()->measureModel()->flow;
        $round = static fn (?float $number): ?float => null === $number ? null : round($number, 9);
        $maps = [];
        for ($i = 0; $i < self::MAPS; ++$i) {
            $arm = $random->arm(most: 12);
            $maps[] = [
                array_map(static fn (Jet $jet): array => [$jet->place, $jet->side->value, $jet->bore, $jet->blocked], $arm->jets),
                $arm->motion->value,
                [
                    $round($arm->openness()),
                    $round($arm->openness(JetSide::Top)),
                    $round($arm->openness(JetSide::Under)),
                    $round(self::spray()->coverage($arm)),
                    array_map(
                        static fn (array $pair): array => array_map($round, $pair),
                        self::pairs(self::spray()->dullRings($arm) ?? []),
                    ),
                ],
            ];
        }

        return [
            'model' => ['ringWidth' => $flow->ringWidth, 'wetsWhileBlocked' => $flow->wetsWhileBlocked, 'sector' => $flow->sector],
            'maps' => $maps,
        ];
    }

    /**
     * @param list<Ring> $rings
     *
     * @return list<array{float, float}>
     */
    private static function pairs(array $rings): array
    {
        return array_map(static fn (Ring $ring): array => [$ring->inner, $ring->outer], $rings);
    }
}
