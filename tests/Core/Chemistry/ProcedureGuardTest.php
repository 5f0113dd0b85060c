<?php

declare(strict_types=1);

namespace Tests\Core\Chemistry;

use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Chemistry\Verdict;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Hardness;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\ComposedProcedure;
use GoodRinse\Core\Round\Composer;
use Tests\Core\CoreTestCase;

/** How keep-apart shapes a procedure before it starts. */
final class ProcedureGuardTest extends CoreTestCase
{
    private const PLASTIC = ['tub' => 'plastic', 'mesh' => 'plastic'];

    private static function compose(string $procedure, Circumstances $here, string $kind = 'dishwasher'): ComposedProcedure
    {
        return (new Composer(self::handbook()))->compose(self::handbook()->kind($kind), ProcedureSet::of($procedure), $here);
    }

    /** @return list<Step> the steps of the round */
    private static function script(string $procedure, Circumstances $here, string $kind = 'dishwasher'): array
    {
        return (
            new Handbook(self::handbook()->excerpt($kind, ProcedureSet::of($procedure), self::compose($procedure, $here, $kind)->binding))
        )->kind($kind)->procedures->only()->steps;
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<string>
     */
    private static function ids(array $steps): array
    {
        return array_map(static fn (Step $step): string => $step->id, $steps);
    }

    public function test_a_steel_tub_is_never_offered_bleach_and_the_reason_is_said(): void
    {
        $plastic = ['tub' => 'plastic', 'mesh' => 'plastic'];
        $composed = self::compose('bleach-wash', new Circumstances($plastic, false));
        self::assertNull($composed->procedure);
        self::assertStringContainsString('harsh', (string) $composed->refused?->reason);
        self::assertNull(self::compose('bleach-wash', new Circumstances(['tub' => 'stainless']))->procedure);
        self::assertNull(
            self::compose('bleach-wash', new Circumstances(['tub' => 'plastic']))->procedure,
            'an unknown mesh counts as metal',
        );
        self::assertNotNull(self::compose('bleach-wash', new Circumstances($plastic))->procedure);
    }

    public function test_a_step_that_may_not_be_is_left_out_and_the_one_in_its_place_is_done(): void
    {
        $steel = self::compose('filter-clean', new Circumstances(['mesh' => 'metal']));
        self::assertNotContains('bleach-wipe', self::ids($steel->procedure->steps ?? []));
        self::assertContains('slime-brush', self::ids($steel->procedure->steps ?? []));

        $plastic = self::ids(self::compose('filter-clean', new Circumstances(self::PLASTIC))->procedure->steps ?? []);
        self::assertContains('bleach-wipe', $plastic);
        self::assertContains('bleach-off', $plastic);
        self::assertNotContains('slime-brush', $plastic);

        $gentle = self::compose('filter-clean', new Circumstances(self::PLASTIC, false));
        self::assertNotContains('bleach-off', self::ids($gentle->procedure->steps ?? []), 'what waits for it goes with it');
        self::assertContains('slime-brush', self::ids($gentle->procedure->steps ?? []));
        self::assertSame(Verdict::Never, $gentle->leftOut['bleach-wipe']->verdict);
    }

    public function test_a_tub_that_holds_bleach_is_cleared_before_the_vinegar_goes_in(): void
    {
        $steps = self::script('acid-wash', new Circumstances(self::PLASTIC, residues: ['tub' => [new Residue('chlorine-bleach')]]));
        $ids = self::ids($steps);
        $at = (int) array_search('vinegar-cup', $ids, true);

        self::assertSame(['clear-tub-vinegar-cup', 'cleared-tub-vinegar-cup'], [$ids[$at - 2], $ids[$at - 1]]);
        self::assertNotNull($steps[$at - 2]->timer, 'the machine runs it');
        self::assertNull($steps[$at - 2]->clears, 'starting a cycle clears nothing');
        self::assertSame(
            ['clear-tub-vinegar-cup', 'tub', 'plain-cycle'],
            [$steps[$at - 1]->waitsFor, $steps[$at - 1]->clears?->vessel, $steps[$at - 1]->clears?->by],
        );
        self::assertNotContains(
            'clear-tub-vinegar-cup',
            self::ids(self::script('acid-wash', new Circumstances(self::PLASTIC, residues: ['tub' => [new Residue('lemon')]]))),
        );
    }

    public function test_a_clearing_for_one_answer_leaves_the_residue_in_force_for_the_others(): void
    {
        $steps = self::script('filter-clean', new Circumstances(self::PLASTIC, residues: ['dish' => [new Residue('ammonia')]]));
        $wipe = (int) array_search('bleach-wipe', self::ids($steps), true);
        self::assertSame('clear-dish-bleach-wipe', $steps[$wipe - 1]->id);
        self::assertSame(['residue' => ['slime']], $steps[$wipe - 1]->if->sets);

        $steps = self::script('filter-clean', new Circumstances(self::PLASTIC, residues: ['dish' => [new Residue('white-vinegar')]]));
        self::assertContains('clear-dish-bleach-wipe', self::ids($steps), 'vinegar from another day');
    }

    public function test_no_procedure_brings_a_danger_pair_together_by_itself(): void
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kind) {
            foreach ([[], self::PLASTIC, ['metal' => 'steel'], ['passes' => 'more']] as $traits) {
                foreach (array_keys(self::handbook()->kind($kind)->procedureNames) as $procedure) {
                    $composed = self::compose($procedure, new Circumstances($traits), $kind);
                    self::assertSame(
                        [],
                        null === $composed->procedure ? [] : $composed->binding->before,
                        "$procedure of a $kind needs no clearing put in",
                    );
                }
            }
        }
    }

    public function test_a_bucket_with_anything_dangerous_in_it_never_meets_its_enemy_in_a_round(): void
    {
        $rules = self::handbook()->chemistry();
        foreach (array_keys($rules->agents) as $there) {
            foreach ([[], self::PLASTIC] as $traits) {
                foreach (self::handbook()->kind('dishwasher')->procedureNames as $procedure => $name) {
                    $here = new Circumstances($traits, residues: array_fill_keys(['tub', 'sink', 'bucket', 'dish'], [new Residue($there)]));
                    if (null === self::compose($procedure, $here)->procedure) {
                        continue;
                    }
                    $clear = [];
                    foreach (self::script($procedure, $here) as $step) {
                        foreach ($step->amounts as $amount) {
                            self::assertTrue(
                                !$rules->isDanger($amount->agent, $there) || isset($clear[$amount->vessel]),
                                "$name: $amount->agent onto $there",
                            );
                        }
                        if (null !== $step->clears && in_array($step->clears->by, $rules->vessel($step->clears->vessel)->clearedBy, true)) {
                            $clear[$step->clears->vessel] = true;
                        }
                    }
                }
            }
        }
    }

    public function test_screws_and_bits_are_said_as_this_machine_has_them(): void
    {
        $steps = self::script('strip-down', new Circumstances(['filter' => 'screwed', 'screws' => '6', 'bit' => 'cross-2']));
        $said = implode(' ', array_map(static fn (Step $step): string => "$step->title $step->instruction", $steps));

        self::assertStringContainsString('Undo the cover screws: 6.', $said);
        self::assertStringContainsString('cross 2', $said);
        self::assertStringNotContainsString('{', $said);
    }

    public function test_weak_vinegar_takes_more_of_it_and_much_lime_a_longer_stand(): void
    {
        $steps = self::script('acid-wash', new Circumstances([], strengths: ['white-vinegar' => 4.0]));
        $amount = array_values(array_filter($steps, static fn (Step $step): bool => 'vinegar-cup' === $step->id))[0]->amounts[0];
        self::assertSame([300.0, 4.0], [$amount->portion->count, $amount->strength]);

        $stand = static fn (float $uses): float => array_values(array_filter(
            self::script(
                'descale-manual',
                new Circumstances([], hardness: Hardness::mgPerLitre(340), usesSince: ['descale' => $uses]),
                'drip-brewer',
            ),
            static fn (Step $step): bool => 'stand' === $step->id,
        ))[0]->timer?->lasts([])->value ?? 0.0;
        self::assertSame([30.0, 60.0], [$stand(20), $stand(60)], '2.2 grams and 6.6 grams of lime');
        self::assertContains(
            'again',
            self::ids(self::script(
                'descale-manual',
                new Circumstances([], hardness: Hardness::mgPerLitre(500), usesSince: ['descale' => 120.0]),
                'drip-brewer',
            )),
        );
    }

    public function test_a_caution_names_what_the_machine_has(): void
    {
        foreach (['twist-out' => true, 'none' => false] as $filter => $has) {
            $composed = self::compose('soda-freshening', new Circumstances(['filter' => $filter]));
            $cautions = array_merge(...array_map(static fn (Step $step): array => $step->cautions, $composed->procedure->steps ?? []));
            self::assertSame($has, in_array('never-without', $cautions, true), $filter);
            $kept = (new Handbook(self::handbook()->excerpt('dishwasher', ProcedureSet::of('soda-freshening'), $composed->binding)))
                ->kind('dishwasher')->procedures->only()->steps;
            self::assertSame(
                $has,
                in_array('never-without', array_merge(...array_map(static fn (Step $step): array => $step->cautions, $kept)), true),
            );
        }
    }
}
