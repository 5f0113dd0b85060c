<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Compiler\InvalidHandbook;
use GoodRinse\Core\Handbook\Compiler\Problem;
use GoodRinse\Core\Handbook\Handbook;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** A broken handbook names file, place and problem. */
final class BrokenHandbookTest extends CoreTestCase
{
    use CopiedHandbook;
    use FaultBreakages;

    /**
     * @return iterable<string, array{0: string, 1: string, 2: string, 3: string, 4: string, 5?: string}> file, what to
     *     replace, by what, pointer, problem, file it is found in
     */
    public static function breakages(): iterable
    {
        $steps = 'machines/dishwasher/steps.yaml';
        $kind = 'machines/dishwasher/kind.yaml';
        yield 'a caution of another machine' => [
            'machines/hood/procedures/duct-look.yaml',
            'cautions: [duct, shared-duct]',
            'cautions: [never-without]',
            '/steps/4/cautions',
            '"never-without" names parts of: dishwasher',
        ];
        yield 'a hand in the well with the power on' => [
            'machines/dishwasher/procedures/sump-and-drain.yaml',
            "  - power-off\n",
            '',
            '/steps',
            'reaches below the floor before the power is off',
        ];
        yield 'a hand in water' => [
            'machines/dishwasher/procedures/sump-and-drain.yaml',
            "  - bail\n",
            '',
            '/steps',
            'reaches into water that nobody has bailed',
        ];
        yield 'minutes in words' => [
            'machines/kettle/procedures/wipe.yaml',
            'does: Take fingermarks',
            'does: In five minutes take fingermarks',
            '/does',
            'minutes are added up from the steps',
        ];
        yield 'not YAML' => ['kit.yaml', '- { id: torch', '- { id torch:::', 'line 4', 'at line 4'];
        yield 'a wrong type' => ['rhythm.yaml', 'cleanBy: 0.35', 'cleanBy: often', '/model/cleanBy', 'type'];
        yield 'out of range' => ['scales.yaml', 'fraction: 0.5,', 'fraction: 1.5,', '/1/steps/2/fraction', '0.95'];
        yield 'a missing field' => ['cautions.yaml', "  title: Glass hides here\n", '', '/1', 'title'];
        yield 'an unknown field' => [$steps, '  short: Kit ready', '  shrot: Kit ready', '/0', 'short'];
        yield 'an unknown unit' => [$kind, 'unit: days, least: 7', 'unit: moons, least: 7', '/tasks/0/clocks/0/unit', 'enum'];
        yield 'a pour without a dose' => [$steps, 'white-vinegar, ml: 500,', 'white-vinegar,', '/amounts/0', 'missing'];
        yield 'a judgement without a scale' => [$steps, 'kind: grade, scale: sump,', 'kind: grade,', '/capture', 'scale'];
        yield 'a school without a reason' => [$kind, ', note: Most kitchens. }', ' }', '/schools/2', 'note'];
        yield 'an id twice' => ['agents.yaml', 'id: lemon', 'id: dish-soap', '/13/id', 'twice'];
        yield 'an unknown agent' => [$steps, 'agent: white-vinegar', 'agent: red-vinegar', '/amounts/0/agent', 'no agent "red-vinegar"'];
        yield 'an unknown caution' => [$steps, 'cautions: [foam]', 'cautions: [fog]', '/cautions', 'no caution "fog"'];
        yield 'an answer nobody can give' => [$steps, 'residue: [crust] }', 'residue: [rust] }', '/if/residue', 'no answer "rust"'];
        yield 'a trait nobody has' => [
            $kind,
            'when: { filter: [twist-out, flat-plate, none] } }, { id: strip-down',
            'when: { sieve: [round] } }, { id: strip-down',
            '/tasks/5/procedures/0/when',
            'nothing is called "sieve"',
        ];
        yield 'a procedure that is not there' => [
            $kind,
            'id: filter-clean }',
            'id: filter-cleanse }',
            '/tasks/0/procedures/0/id',
            'no procedure "filter-cleanse"',
        ];
        yield 'taken off and not put back' => [
            'machines/dishwasher/procedures/drain-freshener.yaml',
            "  - refit\n",
            '',
            '/steps',
            'takes off lower-rack',
        ];
        yield 'taken off with no way back' => [$steps, "  back:\n    id: rack-in", "  forth:\n    id: rack-in", '/4', 'back'];
        yield 'a test that is not there' => [$steps, 'then: [lock-test]', 'then: [luck-test]', '/back/then', 'no step "luck-test"'];
        yield 'a measurement nobody knows' => [$steps, 'observe: [debris]', 'observe: [crumbs]', '/observe', 'no measurement "crumbs"'];
        yield 'a tool for a piece that is not there' => [
            $kind,
            'tool: driver-flat }], loose: [washer]',
            'tool: hammer }], loose: [washer]',
            '/parts/6/held/2/pieces/0/tool',
            'no kit "hammer"',
        ];
        yield 'a wait that never began' => [
            $steps,
            'waitsFor: soak',
            'waitsFor: jets-vinegar',
            '/steps',
            'does not come before it',
            'machines/dishwasher/procedures/filter-clean.yaml',
        ];
        yield 'a scale nobody drew' => [$steps, 'scale: sump', 'scale: moon', '/capture/scale', 'no scale "moon"'];
        yield 'a scale that does not rise' => [
            'scales.yaml',
            'id: jets-half, fraction: 0.5',
            'id: jets-half, fraction: 0.05',
            '/1/steps',
            'each further one is more',
        ];
        yield 'a part that covers and is not there' => [
            $kind,
            'coveredBy: [{ part: cover }]',
            'coveredBy: [{ part: lid }]',
            '/coveredBy/0/part',
            'no part "lid"',
        ];
        yield 'a word nobody fills in' => [
            'machines/dishwasher/procedures/strip-down.yaml',
            'screws: {screws}."',
            'screws: {bolts}."',
            '/title',
            'to fill in for "bolts"',
        ];
        yield 'a trait nobody can see' => [$steps, 'asks: [heater]', 'asks: [boiler]', '/asks', 'no trait "boiler"'];
        yield 'treated and nobody says how it is left' => [
            'machines/drip-brewer/steps.yaml',
            "  marks: descale\n",
            '',
            '/steps',
            'finds how descale is',
            'machines/drip-brewer/procedures/descale-manual.yaml',
        ];
        yield 'a composition in a circle' => [
            'machines/dishwasher/procedures/look-and-wipe.yaml',
            'steps: [kit,',
            'steps: [{ do: weekly-look }, kit,',
            '/steps/0/do',
            'goes round in a circle: ',
            'machines/dishwasher/procedures/weekly-look.yaml',
        ];
        yield 'an inline step of the wrong type' => [
            'machines/dishwasher/procedures/spray-arms.yaml',
            '    hands: 1.5',
            '    hands: some',
            '/steps/5/hands',
            'type',
        ];
        yield 'a wait that is advised and cannot be picked' => [
            'machines/kettle/procedures/descale.yaml',
            'choices: [30, 45, 60]',
            'choices: [30, 60]',
            '/timer/choices',
            '45 minutes are advised',
        ];
        yield 'a step that is there twice' => [
            'machines/dishwasher/procedures/spray-arms.yaml',
            'id: jets-hook',
            'id: rack-out',
            '/id',
            'is there twice, first in',
        ];
        yield 'a family nobody knows' => [
            'chemistry.yaml',
            'between: [bleach, acid]',
            'between: [bleach, sour]',
            '/pairs/0/between',
            'no family "sour"',
        ];
        yield 'a surface nobody knows' => ['chemistry.yaml', 'surface: stone', 'surface: wood', '/touches/16/surface', 'no surface "wood"'];
        yield 'chances that do not add up' => [
            'machines/hood/trace.yaml',
            'else: 0.97, given: { duct-greasy: 0.1',
            'else: 0.97, given: { duct-greasy: 0.2',
            '/checks/0/results',
            'under duct-greasy add up to 1.1',
        ];
        yield 'a cause nothing fixes' => [
            'machines/hood/trace.yaml',
            'fixes: { underside-greasy: 0.95 }',
            'fixes: { carbon-spent: 0.1 }',
            '/causes/2',
            'no action fixes it',
        ];
        yield 'a side nobody takes' => ['schools.yaml', 'default: look-', 'default: neither-', '/0/default', '"neither-and-stretch"'];
        yield 'a vessel of no machine' => [
            'machines/dishwasher/kind.yaml',
            "  - id: tub\n    walls",
            "  - id: drum\n    walls",
            '/vessels/0/id',
            'no vessel of a machine "drum"',
        ];
        yield 'a sentence without an end' => [
            'cautions.yaml',
            'Let it cool until you can rest a hand on it.',
            'Let it cool '.str_repeat('and cool ', 12).'until you can rest a hand on it.',
            '/2/text',
            'a sentence of 35 words is too long',
        ];
        yield 'a phrase that is avoided' => [
            'cautions.yaml',
            'title: Hot water scalds',
            'title: Reckon with hot water',
            '/2/title',
            'write: work out',
        ];
        yield from self::faults();
        yield 'a task without a basis' => [$kind, '    basis: "Habits', '    bases: "Habits', '/tasks/0', 'basis'];
        yield 'bounds crossed' => [$kind, 'unit: loads, least: 5', 'unit: loads, least: 500', '/tasks/0/clocks/1', 'greater'];
    }

    #[DataProvider('breakages')]
    public function test_a_broken_file_names_file_place_and_problem(
        string $file,
        string $replace,
        string $by,
        string $pointer,
        string $problem,
        ?string $foundIn = null,
    ): void {
        $text = (string) file_get_contents("$this->folder/$file");
        self::assertStringContainsString($replace, $text, 'the test must break something');
        file_put_contents("$this->folder/$file", preg_replace('/'.preg_quote($replace, '/').'/', $by, $text, 1));
        try {
            (new HandbookCompiler($this->folder))->compile();
            self::fail('the fault went unnoticed');
        } catch (InvalidHandbook $e) {
            $seen = implode("\n", array_map(strval(...), $e->problems));
            self::assertStringContainsString($pointer, $seen);
            self::assertStringContainsString($problem, $seen);
            self::assertContains($foundIn ?? $file, array_map(static fn (Problem $found): string => $found->file, $e->problems));
        }
    }

    public function test_a_missing_file_is_named(): void
    {
        unlink("$this->folder/machines/dishwasher/steps.yaml");
        $this->expectExceptionMessage('machines/dishwasher/steps.yaml /: the file is missing');
        (new HandbookCompiler($this->folder))->compile();
    }
}
