<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Part;
use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Handbook\UnknownEntry;
use Tests\Core\CoreTestCase;

final class TogetherTest extends CoreTestCase
{
    use TestTrait;

    /** @return list<string> */
    private static function ids(Procedure $procedure): array
    {
        return array_map(static fn (Step $step): string => $step->id, $procedure->steps);
    }

    /** @param list<string> $ids */
    private static function together(array $ids): Procedure
    {
        return self::handbook()->kind('dishwasher')->procedure(MachineKind::together($ids));
    }

    public function test_whatever_is_done_together_puts_back_in_reverse_what_it_took_off(): void
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kindId) {
            $kind = self::handbook()->kind($kindId);
            $names = array_values(array_filter(array_keys($kind->procedureNames), static fn (string $id): bool => !$kind->procedure($id)->alone));
            $this->limitTo(40)->forAll(Generator\subset($names), Generator\choose(0, 1000))->then(static function (array $picked, int $seed) use ($kind): void {
                $traits = [];
                foreach ($kind->traits() as $i => $trait) {
                    $traits[$trait->id] = [] === $trait->options ? $trait->default : $trait->options[($seed + crc32((string) $i)) % count($trait->options)]->id;
                }
                $picked = array_filter($picked, static fn (string $id): bool => $kind->procedure($id)->when->holds($traits));
                if ([] === $picked) {
                    return;
                }
                $steps = array_values(array_filter($kind->procedure(MachineKind::together(array_values($picked)))->steps, static fn (Step $step): bool => $step->when->holds($traits)));
                self::assertClosesUp($steps, array_keys(array_filter($kind->parts(), static fn (Part $part): bool => $part->needed)));
            });
        }
    }

    /**
     * @param list<Step>   $steps
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
                self::assertTrue(self::stayOff($above, array_slice($steps, $i)), "$step->id puts back what came off last, but for what stays off until the machine has run");
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
     * @param list<Step>   $steps still to come
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
        $ids = array_flip(self::ids(self::together(['acid-wash', 'strip-down', 'sump-and-drain'])));

        self::assertGreaterThan($ids['power-on'], $ids['acid-cycle']);
        self::assertLessThan($ids['rack-out'], $ids['bits-ready'], 'the bit is tried before anything comes off');
    }

    public function test_the_order_asked_in_makes_no_difference(): void
    {
        self::assertSame(self::ids(self::together(['filter-clean', 'acid-wash', 'racks'])), self::ids(self::together(['racks', 'acid-wash', 'filter-clean'])));
    }

    public function test_one_that_stands_alone_is_done_with_nothing_else(): void
    {
        $this->expectException(UnknownEntry::class);
        self::together(['drain-path', 'racks']);
    }

    public function test_an_unknown_one_among_them_is_refused(): void
    {
        $this->expectException(UnknownEntry::class);
        self::together(['racks', 'juggling']);
    }
}
