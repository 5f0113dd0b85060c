<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

use GoodRinse\Core\Handbook\Compiler\Node;

/**
 * Builds the keep-apart rules from their checked data.
 *
 * @internal to this folder
 */
final readonly class ChemistryReader
{
    public function read(Node $agents, Node $rules, Node $supplies): ChemistryRules
    {
        $foam = $rules->at('foam');
        $unknown = $rules->at('unknown');

        return new ChemistryRules(
            agents: array_map(self::agent(...), $agents->byId()),
            pairs: array_map($this->pair(...), $rules->at('pairs')->items()),
            surfaces: array_map(static fn (Node $surface): string => $surface->string('name'), $rules->at('surfaces')->byId()),
            touches: array_map(fn (Node $touch): SurfaceRule => $this->touch($touch, 'family'), $rules->at('touches')->items()),
            tools: array_map(fn (Node $touch): SurfaceRule => $this->touch($touch, 'tool'), $rules->at('tools')->items()),
            places: array_map(static fn (Node $place): PlaceRule => new PlaceRule(
                $place->string('family'),
                $place->at('vessels')->strings(),
                'never' === $place->string('verdict'),
                $place->string('why'),
                $place->optional('instead'),
            ), $rules->at('places')->items()),
            vessels: array_map($this->vessel(...), $rules->at('vessels')->byId()),
            supplies: array_map(Supply::read(...), $supplies->byId()),
            families: array_map(static fn (Node $family): string => $family->string('name'), $rules->at('families')->byId()),
            foaming: $foam->at('families')->strings(),
            foamsIn: $foam->at('vessels')->strings(),
            words: [
                'foam' => $foam->string('why'),
                'foam-remedy' => $foam->string('remedy'),
                'harsh' => $rules->string('harsh'),
                'fine' => $rules->string('fine'),
                'near-danger' => $unknown->string('near-danger'),
                'near-any' => $unknown->string('near-any'),
                'alone' => $unknown->string('alone'),
            ],
            whenMet: $rules->at('happened')->at('met')->strings(),
            whenAlone: $rules->at('happened')->at('alone')->strings(),
            inMachine: $rules->at('happened')->string('machine'),
        );
    }

    public static function agent(Node $node): Agent
    {
        return new Agent(
            $node->string('id'),
            $node->string('name'),
            $node->optional('note'),
            [...$node->at('families')->strings(), ...($node->flag('noTrace') ? [] : [ChemistryRules::ANYTHING])],
            array_values($node->at('strengths')->numbers()),
            $node->flag('harsh'),
            $node->flag('noTrace'),
            $node->optional('ownPlace'),
        );
    }

    private function pair(Node $node): PairRule
    {
        $between = $node->at('between')->strings();

        return new PairRule(
            [$between[0] ?? '', $between[1] ?? ''],
            PairHazard::from($node->string('hazard')),
            $node->optional('gives'),
            $node->string('why'),
        );
    }

    private function touch(Node $node, string $what): SurfaceRule
    {
        return new SurfaceRule(
            $node->string($what),
            $node->string('surface'),
            'never' === $node->string('verdict'),
            $node->string('why'),
            $node->optional('instead'),
        );
    }

    private function vessel(Node $node): Vessel
    {
        $clearing = $node->at('clearing');
        $ways = $node->at('clearedBy')->strings();
        $minutes = $clearing->number('minutes');

        $step = [
            'title' => $clearing->string('title'),
            'instruction' => $clearing->string('instruction'),
            'short' => $clearing->string('short'),
            'picture' => $clearing->string('picture'),
            'hands' => $clearing->number('hands'),
            'clears' => ['vessel' => $node->string('id'), 'by' => $ways[0] ?? ''],
        ];
        if ($minutes > 0) {
            $step['timer'] = [
                'label' => $clearing->string('short'),
                'minutes' => $minutes,
                'machine' => true,
                'ends' => $clearing->string('done'),
            ];
        }

        return new Vessel(
            id: $node->string('id'),
            name: $node->string('name'),
            own: $node->flag('own'),
            clearedBy: $ways,
            remedy: $clearing->string('title'),
            done: $clearing->string('done'),
            step: $step,
            also: $node->at('also')->strings(),
            drainedBy: $node->at('drainedBy')->strings(),
            use: $node->optional('clearedByUse'),
        );
    }
}
