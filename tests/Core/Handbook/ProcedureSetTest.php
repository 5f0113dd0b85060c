<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Part;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Hardness;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use Tests\Core\CoreTestCase;

final class ProcedureSetTest extends CoreTestCase
{
    use TestTrait;
    use TogetherProcedures;

    public function test_whatever_is_done_together_puts_back_in_reverse_what_it_took_off(): void
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kindId) {
            $kind = self::handbook()->kind($kindId);
            $names = array_values(
                array_filter(array_keys($kind->procedureNames), static fn (string $id): bool => !$kind->procedures->procedure($id)->alone),
            );
            $this->limitTo(40)
                ->forAll(Generator\subset($names), Generator\choose(0, 1000))
                ->then(static function (array $picked, int $seed) use ($kind): void {
                    $traits = [];
                    foreach ($kind->traits() as $i => $trait) {
                        $traits[$trait->id] = [] === $trait->options
                            ? $trait->default
                            : $trait->options[($seed + crc32((string) $i)) % count($trait->options)]->id;
                    }
                    $picked = array_filter(
                        $picked,
                        static fn (string $id): bool => $kind->procedures->procedure($id)->when->holds($traits),
                    );
                    if ([] === $picked) {
                        return;
                    }
                    $set = ProcedureSet::from(array_values($picked));
                    $procedure = (new Composer(self::handbook()))->compose($kind, $set, new Circumstances($traits))->procedure;
                    if (null !== $procedure) {
                        self::assertFillsItsSoaks($procedure, $kind->procedures->chains($set), $kind->id);
                    }
                    $steps = $procedure->steps ?? [];
                    self::assertIsOnWhereItHasToBe($steps, $kind->procedures->rawSteps());
                    self::assertClosesUp($steps, array_keys(array_filter($kind->parts(), static fn (Part $part): bool => $part->needed)));
                });
        }
    }

    /**
     * What needs a machine that is on does not come while its plug is pulled.
     *
     * @param list<Step> $steps
     * @param array<string, array<array-key, mixed>> $raw
     */
    private static function assertIsOnWhereItHasToBe(array $steps, array $raw): void
    {
        $isOn = true;
        foreach ($steps as $step) {
            $isOn = isset($raw[$step->id]['power']) || ($isOn && !isset($raw[$step->id]['powerOff']));
            $order = implode(', ', array_map(static fn (Step $each): string => $each->id, $steps));
            self::assertTrue($isOn || !isset($raw[$step->id]['whileOn']), "$step->id needs it on: $order");
        }
    }

    /**
     * @param list<Step> $steps
     * @param list<string> $needed parts the machine must not run without
     */
    private static function assertClosesUp(array $steps, array $needed): void
    {
        $tray = $seen = [];
        foreach ($steps as $i => $step) {
            self::assertNotContains($step->id, $seen, 'no step comes twice');
            if (null !== $step->waitsFor) {
                self::assertContains($step->waitsFor, $seen, "$step->id waits for what has begun");
            }
            if (null !== $step->putsBack) {
                $above = array_slice($tray, (int) array_search($step->putsBack, $tray, true) + 1);
                self::assertContains($step->putsBack, $tray, "$step->id puts back what is off");
                self::assertTrue(
                    self::stayOff($above, array_slice($steps, $i)),
                    "$step->id puts back what came off last, but for what stays off until the machine has run",
                );
                $tray = array_values(array_diff($tray, [$step->putsBack]));
            }
            if ($step->runsTheMachine()) {
                self::assertSame([], array_intersect($needed, $tray), "$step->id runs a whole machine");
            }
            array_push($tray, ...array_filter([$step->takesOff]));
            $seen[] = $step->id;
        }
        self::assertSame([], $tray);
    }

    /**
     * Whether the machine runs before any of the parts goes back.
     *
     * @param list<string> $parts
     * @param list<Step> $steps still to come
     */
    private static function stayOff(array $parts, array $steps): bool
    {
        foreach ($steps as $step) {
            if ([] === $parts || $step->runsTheMachine()) {
                return true;
            }
            if (in_array($step->putsBack, $parts, true)) {
                return false;
            }
        }

        return false;
    }

    public function test_the_soak_of_the_first_is_filled_with_the_others(): void
    {
        $ids = array_flip(self::ids(self::together(['filter-clean', 'spray-arms', 'door-and-seal'])));

        foreach (['jets-flush', 'folds-brush'] as $meanwhile) {
            self::assertGreaterThan($ids['soak'], $ids[$meanwhile]);
            self::assertLessThan($ids['soak-out'], $ids[$meanwhile]);
        }
        self::assertLessThan($ids['rack-in'], $ids['lock-test'], 'a test follows what it tests');
    }

    public function test_what_runs_the_machine_comes_when_it_is_whole_and_has_power(): void
    {
        $ids = array_flip(self::ids(self::together(['acid-wash', 'strip-down'])));

        self::assertGreaterThan($ids['power-on'], $ids['acid-cycle']);
        self::assertLessThan($ids['rack-out'], $ids['bits-ready'], 'the bit is tried before anything comes off');
    }

    public function test_the_order_asked_in_makes_no_difference(): void
    {
        self::assertSame(
            self::ids(self::together(['filter-clean', 'acid-wash', 'racks'])),
            self::ids(self::together(['racks', 'acid-wash', 'filter-clean'])),
        );
    }

    public function test_one_that_stands_alone_is_done_with_nothing_else(): void
    {
        $this->expectExceptionObject(OrderConflict::alone('Drain path'));
        self::together(['drain-path', 'racks']);
    }

    public function test_an_unknown_one_among_them_is_refused(): void
    {
        $this->expectException(UnknownEntry::class);
        self::together(['racks', 'juggling']);
    }

    public function test_a_part_is_judged_before_anything_wipes_it(): void
    {
        $ids = array_flip(self::ids(self::together(['filter-clean', 'door-and-seal', 'sump-and-drain'])));

        self::assertLessThan($ids['wipe-seal'], $ids['seal-look']);
        self::assertLessThan($ids['sump-look'], $ids['sump-grade']);
    }

    public function test_salt_comes_when_the_filter_is_back_and_the_rack_still_out(): void
    {
        $here = new Circumstances(['softener' => 'salt']);
        $ids = array_flip(
            self::ids(
                (new Composer(self::handbook()))->compose(
                    self::handbook()->kind('dishwasher'),
                    ProcedureSet::of('filter-clean', 'salt-and-rinse-aid'),
                    $here,
                )->procedure ?? self::fail('they are for this machine'),
            ),
        );

        self::assertGreaterThan($ids['lock-test'], $ids['salt-fill']);
        self::assertLessThan($ids['rack-in'], $ids['salt-fill']);
        self::assertGreaterThan($ids['power-on'], $ids['salt-cycle']);
        self::assertSame(count($ids) - 1, $ids['ajar'], 'the door stays ajar at the very end');
    }

    public function test_each_procedure_goes_by_its_own_facts(): void
    {
        $here = new Circumstances([], hardness: Hardness::mgPerLitre(340), usesSince: ['descale' => 120.0, 'daily' => 1.0]);
        $stand = static function (ProcedureSet $set) use ($here): array {
            $kind = self::handbook()->kind('drip-brewer');
            $composed = (new Composer(self::handbook()))->compose($kind, $set, $here);
            $steps = (new Handbook(self::handbook()->excerpt('drip-brewer', $set, $composed->binding)))->kind('drip-brewer')
                ->procedures->only()->steps;

            return [
                in_array('again', array_map(static fn (Step $step): string => $step->id, $steps), true),
                array_values(array_filter($steps, static fn (Step $step): bool => 'stand' === $step->id))[0]->timer?->lasts([])->value,
            ];
        };

        self::assertSame([true, 60.0], $stand(ProcedureSet::of('descale-manual')));
        self::assertSame($stand(ProcedureSet::of('descale-manual')), $stand(ProcedureSet::of('daily-wash', 'descale-manual')));
    }
}
