<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use GoodRinse\Core\Handbook\Scale\Scales;

/**
 * Checks the files that all machine kinds share against each other.
 *
 * @internal to this folder
 */
final readonly class SharedReferences
{
    public function __construct(private ProblemList $problems)
    {
    }

    public function check(Node $handbook): SharedIds
    {
        $rules = $handbook->at('chemistry');
        $agents = $this->problems->ids('agents.yaml', '', $handbook->at('agents'));
        $families = $this->problems->ids('chemistry.yaml', '/families', $rules->at('families'));
        $surfaces = $this->problems->ids('chemistry.yaml', '/surfaces', $rules->at('surfaces'));
        $kit = $this->problems->ids('kit.yaml', '', $handbook->at('kit'));
        foreach ($handbook->at('agents')->items() as $i => $agent) {
            $this->problems->known('agents.yaml', "/$i/families", 'family', $agent->at('families')->strings(), $families);
        }
        foreach ($handbook->at('dose')->at('acids')->named() as $name => $acid) {
            $this->problems->known('dose.yaml', "/acids/$name/agents", 'agent', $acid->at('agents')->strings(), $agents);
        }
        $supplies = $this->problems->ids('supplies.yaml', '', $handbook->at('supplies'));
        $this->problems->known('supplies.yaml', '', 'agent', $supplies, $agents);
        $cycles = array_map(
            static fn (Node $cycle): string => $cycle->string('kind'),
            $handbook->at('cupboard')->at('cycles')->items(),
        );
        $this->problems->known('cupboard.yaml', '/cycles', 'kind of machine', $cycles, array_map(
            static fn (Node $kind): string => $kind->at('kind')->string('id'),
            $handbook->at('kinds')->items(),
        ));
        $this->chemistry($rules, $families, $surfaces, $kit);
        $vessels = $this->vessels($rules);

        return new SharedIds(
            $agents,
            $this->problems->ids('cautions.yaml', '', $handbook->at('cautions')),
            $kit,
            $surfaces,
            array_keys(array_filter($vessels)),
            array_keys(array_filter($vessels, static fn (bool $own): bool => !$own)),
            $this->scales($handbook),
            $this->problems->ids('measurements.yaml', '', $handbook->at('measurements')),
            $this->problems->ids('checks.yaml', '', $handbook->at('checks')),
        );
    }

    /**
     * @param list<string> $families
     * @param list<string> $surfaces
     * @param list<string> $kit
     */
    private function chemistry(Node $rules, array $families, array $surfaces, array $kit): void
    {
        $file = 'chemistry.yaml';
        foreach ($rules->at('pairs')->items() as $i => $pair) {
            $this->problems->known($file, "/pairs/$i/between", 'family', $pair->at('between')->strings(), $families);
        }
        foreach ($rules->at('touches')->items() as $i => $touch) {
            $this->problems->known($file, "/touches/$i/family", 'family', [$touch->string('family')], $families);
            $this->problems->known($file, "/touches/$i/surface", 'surface', [$touch->string('surface')], $surfaces);
        }
        foreach ($rules->at('tools')->items() as $i => $touch) {
            $this->problems->known($file, "/tools/$i/tool", 'tool in kit.yaml', [$touch->string('tool')], $kit);
            $this->problems->known($file, "/tools/$i/surface", 'surface', [$touch->string('surface')], $surfaces);
        }
        foreach ($rules->at('places')->items() as $i => $place) {
            $this->problems->known($file, "/places/$i/family", 'family', [$place->string('family')], $families);
        }
        $this->problems->known($file, '/foam/families', 'family', $rules->at('foam')->at('families')->strings(), $families);
    }

    /** @return array<string, bool> whether each belongs to a machine, by id */
    private function vessels(Node $rules): array
    {
        $ids = $this->problems->ids('chemistry.yaml', '/vessels', $rules->at('vessels'));
        $this->problems->known('chemistry.yaml', '/foam/vessels', 'vessel', $rules->at('foam')->at('vessels')->strings(), $ids);

        return array_map(static fn (Node $vessel): bool => $vessel->flag('own'), $rules->at('vessels')->byId());
    }

    /** @return array<string, list<string>> ids of the steps of each scale */
    private function scales(Node $handbook): array
    {
        $this->problems->ids('scales.yaml', '', $handbook->at('scales'));
        $scales = $seen = [];
        foreach ($handbook->at('scales')->items() as $i => $scale) {
            $scales[$scale->string('id')] = $this->problems->ids('scales.yaml', "/$i/steps", $scale->at('steps'));
            foreach (array_intersect($scales[$scale->string('id')], $seen) as $twice) {
                $this->problems->add('scales.yaml', "/$i/steps", sprintf('"%s" is a step of another scale already', $twice));
            }
            $fractions = array_map(static fn (Node $step): float => $step->number('fraction'), $scale->at('steps')->items());
            if (
                0.0 !== ($fractions[0] ?? null)
                || $fractions !== array_values(array_unique($fractions))
                || $fractions !== self::rising($fractions)
            ) {
                $this->problems->add('scales.yaml', "/$i/steps", 'the first step is clean (0), and each further one is more');
            }
            $seen = [...$seen, ...$scales[$scale->string('id')]];
        }
        if (!isset($scales[Scales::MESH])) {
            $this->problems->add('scales.yaml', '', 'there is no scale "mesh"');
        }

        return $scales;
    }

    /**
     * @param list<float> $numbers
     *
     * @return list<float>
     */
    private static function rising(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
