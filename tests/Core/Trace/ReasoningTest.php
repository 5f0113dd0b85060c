<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\Machine\FaultCase;
use GoodRinse\Core\Trace\Machine\MachineFaults;
use GoodRinse\Core\Trace\Prices;
use GoodRinse\Core\Trace\RankedOption;
use GoodRinse\Core\Trace\Troubleshooter;
use Tests\Core\CoreTestCase;

/** What people who mend these machines conclude from what they see holds with the handbook as it ships. */
final class ReasoningTest extends CoreTestCase
{
    private const TRAITS = [
        'tub' => 'stainless',
        'filter' => 'twist-out',
        'arms' => 'three',
        'chopper' => 'chopper',
        'softener' => 'salt',
        'heater' => 'exposed',
        'disposer' => 'disposer',
        'airGap' => 'air-gap',
    ];
    private const FLOW = ['filter-clogged', 'filter-loose', 'upper-jets', 'lower-jets', 'arm-blocked', 'overloaded', 'feed-loose'];
    private const DOWNSTREAM = [
        'hose-clogged',
        'plug-left-in',
        'air-gap-clogged',
        'disposer-clogged',
        'valve-stuck',
        'sink-backed-up',
        'no-loop',
    ];

    /**
     * @param list<string> $present
     * @param list<array{string, string}> $answers that say what is open and where water stands
     */
    private static function shooter(array $present, array $answers = []): Troubleshooter
    {
        $trouble = self::handbook()->trouble('dishwasher');
        self::assertNotNull($trouble);

        $case = new FaultCase(self::TRAITS, new Prices(20, 120), $present, answers: $answers);

        return new Troubleshooter((new MachineFaults($trouble))->model($case));
    }

    /**
     * @param list<string> $present
     * @param list<array{string, string}> $answers
     *
     * @return list<string> causes, the likeliest first
     */
    private static function suspects(array $present, array $answers = []): array
    {
        $posterior = self::shooter($present)->posterior(new Evidence($answers));
        arsort($posterior);

        return array_keys($posterior);
    }

    public function test_some_clean_some_filthy_and_soap_undissolved_is_flow_and_not_chemistry(): void
    {
        $suspects = self::suspects(['some-filthy', 'undissolved']);
        self::assertSame([], array_diff(array_slice($suspects, 0, 5), self::FLOW));
    }

    public function test_clean_below_and_dirty_above_is_the_upper_jets_or_the_feed(): void
    {
        $posterior = self::shooter(['upper-dirty'])->posterior(new Evidence());
        self::assertSame('upper-jets', self::suspects(['upper-dirty'])[0]);
        self::assertGreaterThan(0.5, $posterior['upper-jets'] + $posterior['feed-loose']);
    }

    public function test_a_pump_that_is_heard_while_water_stands_means_a_blockage_after_it_cheapest_first(): void
    {
        $answers = [['listen', 'hum'], ['water-height', 'floor']];
        $shooter = self::shooter(['standing-water']);
        $posterior = $shooter->posterior(new Evidence($answers));
        self::assertGreaterThan(0.6, array_sum(array_intersect_key($posterior, array_flip(self::DOWNSTREAM))));
        self::assertGreaterThan(10 * $posterior['drain-pump-dead'], $posterior['hose-clogged']);
        $steps = array_map(static fn (array $step): string => $step[0]->id, $shooter->plan(new Evidence($answers))->steps);
        self::assertLessThan(array_search('drain', $steps, true), array_search('run-disposer', $steps, true));
        self::assertLessThan(array_search('drain', $steps, true), array_search('open-gap', $steps, true));
    }

    public function test_a_silent_pump_is_a_call(): void
    {
        $answers = [['listen', 'silent'], ['water-height', 'floor']];
        $shooter = self::shooter(['standing-water']);
        self::assertSame('drain-pump-dead', self::suspects(['standing-water'], $answers)[0]);
        self::assertGreaterThan(0.4, $shooter->plan(new Evidence($answers))->callChance);
    }

    public function test_water_only_in_the_well_is_normal(): void
    {
        $answers = [['water-height', 'well'], ['water-kind', 'clean']];
        self::assertSame('nothing-wrong', self::suspects(['standing-water'], $answers)[0]);
        self::assertSame('leave-it', self::shooter(['standing-water'], $answers)->plan(new Evidence($answers))->steps[0][0]->id);
    }

    public function test_loud_is_debris_before_it_is_bearings(): void
    {
        $posterior = self::shooter(['noise'])->posterior(new Evidence());
        self::assertGreaterThan(2 * $posterior['bearings-worn'], $posterior['sump-debris'] + $posterior['glass-in-pump']);
        $next = self::shooter(['noise'])->next(new Evidence());
        self::assertSame(['shards', true], [$next->id, $next->danger], 'glass is looked for before a hand goes in');
        $calm = self::shooter(['noise'])->plan(new Evidence([['shards', 'none']]));
        self::assertContains('clear-sump', array_map(static fn (array $step): string => $step[0]->id, $calm->steps));
    }

    public function test_a_new_disposer_and_no_drain_is_its_plug(): void
    {
        self::assertSame('plug-left-in', self::suspects(['new-disposer-no-drain'])[0]);
        self::assertSame('knock-plug', self::shooter(['new-disposer-no-drain'])->next(new Evidence())->id);
    }

    public function test_one_zone_dirty_is_an_arm_that_something_stops(): void
    {
        self::assertSame('arm-blocked', self::suspects(['zone-dirty'])[0]);
    }

    public function test_a_sink_that_backed_up_is_the_sink_and_the_loop(): void
    {
        self::assertSame(['sink-backed-up', 'no-loop'], array_slice(self::suspects(['standing-water'], [['water-kind', 'sink-up']]), 0, 2));
    }

    public function test_film_that_fizzes_is_lime_and_not_grease(): void
    {
        $suspects = self::suspects(['film'], [['scratch', 'fizzes']]);
        self::assertSame('scale', $suspects[0]);
        self::assertSame('grease', $suspects[count($suspects) - 1]);
        self::assertSame('grease', self::suspects(['film'], [['scratch', 'smears']])[0]);
    }

    public function test_every_symptom_of_every_kind_has_a_next_card_and_chances_that_add_up(): void
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kind) {
            $trouble = self::handbook()->trouble($kind);
            foreach ($trouble->symptoms ?? [] as $symptom) {
                \assert(null !== $trouble);
                $traits = array_map(static fn ($trait): string => $trait->default, self::handbook()->kind($kind)->traits());
                if (!$symptom->when->holds($traits)) {
                    continue;
                }
                $case = new FaultCase($traits, new Prices(20, 120), [$symptom->id]);
                $shooter = new Troubleshooter((new MachineFaults($trouble))->model($case));
                self::assertEqualsWithDelta(1.0, array_sum($shooter->posterior(new Evidence())), 1e-9, "$kind $symptom->id");
                self::assertLessThanOrEqual(
                    120.0 + 1e-9,
                    $shooter->next(new Evidence())->danger ? 0.0 : $shooter->next(new Evidence())->expect,
                    "$kind $symptom->id",
                );
            }
        }
    }

    public function test_what_can_hurt_somebody_ends_in_off_shut_and_call_at_once(): void
    {
        $trouble = self::handbook()->trouble('dishwasher');
        self::assertNotNull($trouble);
        $traits = self::TRAITS;
        foreach (['leak-under', 'burning-smell', 'trips'] as $symptom) {
            $now = (string) $trouble->symptoms[$symptom]->now;
            self::assertMatchesRegularExpression('/breaker/i', $now, $symptom);
            $model = (new MachineFaults($trouble))->model(new FaultCase($traits, new Prices(20, 120), [$symptom]));
            self::assertSame(RankedOption::CALL, Diagnosis::of($model, new Evidence(), new Evidence())->deck[0]->kind, $symptom);
        }
        $model = (new MachineFaults($trouble))->model(new FaultCase($traits, new Prices(20, 120), ['leak']));
        $under = new Evidence([['leak-where', 'runs']]);
        $reading = Diagnosis::of($model, $under, new Evidence());
        self::assertSame(RankedOption::CALL, $reading->deck[0]->kind, 'water that runs under the machine');
        self::assertStringEndsWith('leaks', (string) array_key_first($reading->suspects), 'and not the door seal');
        foreach ($trouble->causes as $cause) {
            $fixes = array_filter($trouble->actions, static fn (FaultAction $action): bool => ($action->fixes[$cause->id] ?? 0) > 0);
            if (null !== $cause->now) {
                self::assertSame(
                    ['call'],
                    array_values(array_unique(array_map(static fn (FaultAction $action): string => $action->kind, $fixes))),
                    $cause->id,
                );
            }
        }
    }
}
