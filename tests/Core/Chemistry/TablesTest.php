<?php

declare(strict_types=1);

namespace Tests\Core\Chemistry;

use GoodRinse\Core\Chemistry\Interlock;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Chemistry\Verdict;
use GoodRinse\Core\Chemistry\VesselState;
use GoodRinse\Core\Handbook\Chemistry\SurfaceRule;
use GoodRinse\Core\Handbook\Machine\Part;
use GoodRinse\Core\Handbook\MachineKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** The tables of what meets what and what touches what, each line a case and both ways round. */
final class TablesTest extends CoreTestCase
{
    private const ACIDS = [
        'white-vinegar',
        'coloured-vinegar',
        'citric-acid',
        'limescale-remover',
        'lemon',
        'acid-machine-cleaner',
        'rinse-aid',
    ];
    private const PEROXIDES = ['hydrogen-peroxide', 'oxygen-bleach', 'oxygen-machine-cleaner'];
    private const SODAS = ['baking-soda', 'washing-soda'];
    private const SOAPS = ['dish-soap', 'soapy-spray', 'dishwasher-detergent'];

    /** @return iterable<string, array{list<string>, list<string>, Verdict}> one side, the other, and what is said of them in one vessel */
    public static function pairs(): iterable
    {
        $bleach = ['chlorine-bleach'];
        yield 'bleach and acids' => [$bleach, self::ACIDS, Verdict::ClearFirst];
        yield 'bleach and ammonia' => [$bleach, ['ammonia'], Verdict::ClearFirst];
        yield 'bleach and alcohol' => [$bleach, ['alcohol'], Verdict::ClearFirst];
        yield 'bleach and what gives off oxygen' => [$bleach, self::PEROXIDES, Verdict::ClearFirst];
        yield 'bleach and degreaser' => [$bleach, ['alkaline-degreaser'], Verdict::ClearFirst];
        yield 'acids and what gives off oxygen' => [self::ACIDS, self::PEROXIDES, Verdict::ClearFirst];
        yield 'acids and degreaser' => [self::ACIDS, ['alkaline-degreaser'], Verdict::ClearFirst];
        yield 'acids and detergent' => [self::ACIDS, ['dishwasher-detergent'], Verdict::Wasteful];
        yield 'acids and sodas' => [self::ACIDS, self::SODAS, Verdict::Wasteful];
        yield 'bleach and soaps' => [$bleach, self::SOAPS, Verdict::Caution];
        yield 'drain opener and everything but water' => [
            ['drain-cleaner'],
            array_values(array_diff(array_keys(self::handbook()->chemistry()->agents), ['plain-water'])),
            Verdict::ClearFirst,
        ];
        yield 'drain opener and what is unknown' => [['drain-cleaner'], ['moon-dust'], Verdict::ClearFirst];
        yield 'acids and acids' => [self::ACIDS, self::ACIDS, Verdict::Go];
        yield 'soda and soap' => [self::SODAS, ['dish-soap'], Verdict::Go];
        yield 'drain opener and water' => [['drain-cleaner'], ['plain-water'], Verdict::Go];
    }

    /**
     * @param list<string> $ones
     * @param list<string> $others
     */
    #[DataProvider('pairs')]
    public function test_what_meets_what(array $ones, array $others, Verdict $expected): void
    {
        foreach ($ones as $one) {
            foreach ($others as $other) {
                self::assertSame($expected, self::verdict($one, [$other]), "$one onto $other");
                self::assertSame($expected, self::verdict($other, [$one]), "$other onto $one");
            }
        }
    }

    /** @return iterable<string, array{list<string>, string, Verdict}> agents, surface, verdict */
    public static function surfaces(): iterable
    {
        yield 'bleach on steel' => [['chlorine-bleach'], 'stainless', Verdict::Never];
        yield 'bleach on aluminium' => [['chlorine-bleach'], 'aluminium', Verdict::Never];
        yield 'bleach on fine mesh' => [['chlorine-bleach'], 'fine-mesh', Verdict::Never];
        yield 'bleach on plastic' => [['chlorine-bleach'], 'plastic', Verdict::Caution];
        yield 'bleach on rubber' => [['chlorine-bleach'], 'rubber', Verdict::Caution];
        yield 'strong alkalis on aluminium' => [
            ['washing-soda', 'dishwasher-detergent', 'alkaline-degreaser'],
            'aluminium',
            Verdict::Never,
        ];
        yield 'alkaline oxygen and drain openers on aluminium' => [
            ['oxygen-bleach', 'oxygen-machine-cleaner', 'drain-cleaner'],
            'aluminium',
            Verdict::Never,
        ];
        yield 'limescale remover on aluminium' => [['limescale-remover'], 'aluminium', Verdict::Never];
        yield 'limescale remover on steel' => [['limescale-remover'], 'stainless', Verdict::Caution];
        yield 'other acids on aluminium' => [array_values(array_diff(self::ACIDS, ['limescale-remover'])), 'aluminium', Verdict::Caution];
        yield 'other acids on steel' => [array_values(array_diff(self::ACIDS, ['limescale-remover'])), 'stainless', Verdict::Go];
        yield 'baking soda on aluminium' => [['baking-soda'], 'aluminium', Verdict::Caution];
        yield 'salt on steel' => [['softener-salt'], 'stainless', Verdict::Caution];
        yield 'degreaser on what is painted, on plastic and rubber' => [['alkaline-degreaser'], 'coated', Verdict::Caution];
        yield 'degreaser on plastic' => [['alkaline-degreaser'], 'plastic', Verdict::Caution];
        yield 'degreaser on rubber' => [['alkaline-degreaser'], 'rubber', Verdict::Caution];
        yield 'acids on rubber' => [['white-vinegar', 'citric-acid'], 'rubber', Verdict::Caution];
        yield 'coloured vinegar on plastic' => [['coloured-vinegar'], 'plastic', Verdict::Caution];
        yield 'acids on stone' => [self::ACIDS, 'stone', Verdict::Caution];
        yield 'peroxide on aluminium is not said' => [['hydrogen-peroxide'], 'aluminium', Verdict::Go];
    }

    /** @param list<string> $agents */
    #[DataProvider('surfaces')]
    public function test_what_touches_what(array $agents, string $surface, Verdict $expected): void
    {
        foreach ($agents as $agent) {
            self::assertSame($expected, self::verdict($agent, [], [$surface]), "$agent on $surface");
        }
    }

    /** @return iterable<string, array{string, string, bool}> tool, surface, whether it must never be */
    public static function tools(): iterable
    {
        yield 'steel wool on coated parts and hot plates' => ['steel-wool', 'coated', true];
        yield 'steel wool on a glass carafe' => ['steel-wool', 'glass', true];
        yield 'steel wool on fine mesh' => ['steel-wool', 'fine-mesh', true];
        yield 'a stiff brush on fine mesh' => ['stiff-brush', 'fine-mesh', true];
        yield 'a sharp pick on fine mesh' => ['sharp-pick', 'fine-mesh', true];
        yield 'a wooden pick in jets' => ['wooden-pick', 'coated', false];
        yield 'a sharp pick on clips and covers' => ['sharp-pick', 'plastic', false];
    }

    #[DataProvider('tools')]
    public function test_what_is_worked_with_what(string $tool, string $surface, bool $never): void
    {
        $rules = array_filter(
            self::handbook()->chemistry()->tools,
            static fn (SurfaceRule $rule): bool => $rule->what === $tool && $rule->surface === $surface,
        );

        self::assertSame([$never], array_values(array_map(static fn (SurfaceRule $rule): bool => $rule->never, $rules)));
    }

    public function test_no_step_puts_a_tool_to_a_part_that_it_harms(): void
    {
        $checked = 0;
        foreach (array_keys(self::handbook()->kindNames()) as $id) {
            $kind = self::handbook()->kind($id);
            foreach (array_keys($kind->procedureNames) as $procedure) {
                foreach ($kind->procedures->procedure($procedure)->steps as $step) {
                    $surfaces = null === $step->part ? [] : self::surfacesOf($kind, $kind->part($step->part));
                    foreach (self::handbook()->chemistry()->tools as $rule) {
                        $harms = in_array($rule->what, $step->tools, true) && in_array($rule->surface, $surfaces, true);
                        self::assertFalse($harms, "$id, $step->id: $rule->what on $rule->surface");
                        ++$checked;
                    }
                }
            }
        }
        self::assertGreaterThan(1000, $checked);
    }

    /** @return list<string> that it may be made of, on one machine or another */
    private static function surfacesOf(MachineKind $kind, Part $part): array
    {
        $surfaces = $part->madeOf([]);
        foreach ($kind->traits() as $trait) {
            foreach ($trait->options as $option) {
                array_push($surfaces, ...$part->madeOf([$trait->id => $option->id]));
            }
        }

        return $surfaces;
    }

    public function test_a_drain_opener_goes_into_no_machine_and_no_bottle(): void
    {
        foreach (['tub', 'reservoir', 'bottle'] as $vessel) {
            self::assertSame(Verdict::Never, self::verdict('drain-cleaner', [], [], $vessel), $vessel);
        }
        foreach (['sink', 'bucket'] as $vessel) {
            self::assertSame(Verdict::Go, self::verdict('drain-cleaner', [], [], $vessel), $vessel);
        }
    }

    /**
     * @param list<string> $residues
     * @param list<string> $surfaces
     */
    private static function verdict(string $agent, array $residues, array $surfaces = [], string $vessel = 'sink'): Verdict
    {
        $state = new VesselState($vessel, $surfaces, array_map(static fn (string $id): Residue => new Residue($id), $residues));

        return (new Interlock(self::handbook()->chemistry()))->assess($state, $agent)->verdict;
    }
}
