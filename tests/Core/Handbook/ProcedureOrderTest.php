<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use Eris\TestTrait;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use Tests\Core\CoreTestCase;

/** In which order parts come off and go back. */
final class ProcedureOrderTest extends CoreTestCase
{
    use KnownMachines;
    use TestTrait;
    use TogetherProcedures;

    public function test_what_covers_a_part_comes_off_first_and_goes_back_last(): void
    {
        $ids = array_flip(self::ids(self::together(['filter-clean', 'spray-arms', 'sump-and-drain'])));

        self::assertLessThan($ids['filter-out-twist'], $ids['lower-arm-off']);
        self::assertGreaterThan($ids['refit-twist'], $ids['lower-arm-on']);
        self::assertLessThan($ids['pick-hard'], $ids['bail']);
    }

    /** Whatever the other sorts of the same machine soak in, and with what. */
    public function test_what_is_written_into_a_soak_is_done_while_it_soaks(): void
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kindId) {
            $kind = self::handbook()->kind($kindId);
            foreach (self::machines($kind) as $machine => $traits) {
                foreach (array_keys($kind->procedureNames) as $id) {
                    $set = ProcedureSet::of($id);
                    $composed = (new Composer(self::handbook()))->compose($kind, $set, new Circumstances($traits))->procedure;
                    if (null !== $composed) {
                        self::assertFillsItsSoaks($composed, $kind->procedures->chains($set), "$kindId $id, $machine");
                    }
                }
            }
        }
    }

    public function test_what_a_procedure_says_after_taking_another_in_follows_that_ones_work(): void
    {
        $compared = 0;
        foreach (array_keys(self::handbook()->kindNames()) as $kindId) {
            $kind = self::handbook()->kind($kindId);
            foreach (array_keys($kind->procedureNames) as $id) {
                $set = ProcedureSet::of($id);
                $steps = (new Composer(self::handbook()))->compose($kind, $set, new Circumstances([]))->procedure->steps ?? [];
                $open = [];
                foreach ($steps as $place => $step) {
                    if (null !== $step->putsBack) {
                        break;
                    }
                    $open[$step->id] = $place;
                }
                $chains = $kind->procedures->chains($set);
                $taken = [];
                foreach ($chains[$id] ?? [] as $word) {
                    if (str_starts_with($word, '+')) {
                        $taken = [...$taken, ...$chains[substr($word, 1)]];
                    }
                    foreach (isset($open[$word]) ? $taken : [] as $before) {
                        if (isset($open[$before]) && !in_array($before, $chains[$id], true)) {
                            ++$compared;
                            self::assertLessThan($open[$word], $open[$before], "$kindId $id: $before, then $word");
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(10, $compared);
    }

    public function test_the_household_says_that_the_arm_comes_off_first(): void
    {
        $ids = static fn (Circumstances $here): array => self::ids(
            (new Composer(self::handbook()))->compose(
                self::handbook()->kind('dishwasher'),
                ProcedureSet::of('look-and-wipe'),
                $here,
            )->procedure ?? self::fail('it is for this machine'),
        );

        self::assertNotContains('lower-arm-off', $ids(new Circumstances([])));
        foreach ([
            new Circumstances(['reach' => 'covered']),
            new Circumstances([], first: ['filter' => ['lower-rack', 'lower-arm']]),
        ] as $here) {
            $places = array_flip($ids($here));
            self::assertLessThan($places['filter-out-twist'], $places['lower-arm-off']);
            self::assertGreaterThan($places['lock-test'], $places['lower-arm-on']);
        }
        self::assertNotContains(
            'lower-arm-off',
            $ids(new Circumstances(['reach' => 'covered'], first: ['filter' => ['lower-rack']])),
            'what the household says wins',
        );
    }

    public function test_an_order_that_goes_round_in_a_circle_is_said_with_its_parts(): void
    {
        $this->expectException(OrderConflict::class);
        $this->expectExceptionMessageMatches('/filter.*lower-arm|lower-arm.*filter/');
        (new Composer(self::handbook()))->compose(
            self::handbook()->kind('dishwasher'),
            ProcedureSet::of('spray-arms', 'filter-clean'),
            new Circumstances([], first: ['filter' => ['lower-arm'], 'lower-arm' => ['filter']]),
        );
    }
}
