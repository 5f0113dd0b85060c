<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** What must be true of every procedure in the handbook, on every machine its traits can make. */
final class CareRulesTest extends CoreTestCase
{
    use KnownMachines;

    /** @var array<string, array{Procedure}>|null */
    private static ?array $procedures = null;

    /**
     * Every procedure of every kind, on machines that differ from the usual one in one trait, with and without
     * harsh chemicals.
     *
     * @return array<string, array{Procedure}>
     */
    public static function procedures(): array
    {
        return self::$procedures ??= iterator_to_array(self::composed());
    }

    /** @return iterable<string, array{Procedure}> */
    private static function composed(): iterable
    {
        $seen = [];
        foreach (array_keys(self::handbook()->kindNames()) as $id) {
            $kind = self::handbook()->kind($id);
            foreach (self::machines($kind) as $name => $traits) {
                foreach ([true, false] as $harsh) {
                    $here = new Circumstances($traits, $harsh);
                    foreach ((new Composer(self::handbook()))->offered($kind, $here) as $procedure) {
                        $fitted = self::fitted($id, $procedure, $traits, $harsh);
                        $steps = "$id $procedure ".implode(' ', array_map(static fn (Step $step): string => $step->id, $fitted->steps));
                        if (!isset($seen[$steps])) {
                            $seen[$steps] = true;
                            yield "$procedure of a $id, $name".($harsh ? '' : ', no harsh chemicals') => [$fitted];
                        }
                    }
                }
            }
        }
    }

    #[DataProvider('procedures')]
    public function test_hands_go_below_the_filter_only_with_the_power_off(Procedure $procedure): void
    {
        $off = false;
        foreach ($procedure->steps as $step) {
            $off = match (true) {
                in_array($step->id, ['power-off', 'breaker-off', 'unplug'], true) => true,
                in_array($step->id, ['power-on', 'breaker-on', 'plug'], true) => false,
                default => $off,
            };
            $below = in_array($step->part, ['pump-guard', 'wash-impeller', 'chopper', 'needle'], true) || in_array(
                $step->id,
                ['sump-look', 'pick-hard', 'well-hole', 'impeller-turn'],
                true,
            );
            $looksOnly = in_array($step->id, ['rinse-pods', 'eye-left'], true);
            self::assertTrue($off || !$below || $looksOnly, "$step->id is done with the power off");
        }
    }

    /** A caution that tells to switch off stands at no step for which the machine runs. */
    #[DataProvider('procedures')]
    public function test_no_step_that_runs_the_machine_tells_to_pull_its_plug(Procedure $procedure): void
    {
        $wrong = [];
        foreach ($procedure->steps as $step) {
            foreach ($step->runsTheMachine() ? $step->cautions : [] as $id) {
                if (1 === preg_match('~unplugged|switched off|power off|breaker off|hood off~i', self::handbook()->caution($id)->title)) {
                    $wrong[] = "$step->id: $id";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    #[DataProvider('procedures')]
    public function test_soap_never_goes_into_a_machine_and_is_rinsed_out_of_what_it_was_in(Procedure $procedure): void
    {
        $wrong = [];
        foreach ($procedure->steps as $place => $step) {
            foreach ($step->amounts as $amount) {
                $rinsed = array_filter(
                    array_slice($procedure->steps, $place),
                    static fn (Step $s): bool => $amount->vessel === $s->clears?->vessel,
                );
                if ('dish-soap' === $amount->agent && ([] === $rinsed || in_array($amount->vessel, ['tub', 'reservoir'], true))) {
                    $wrong[] = $step->id;
                }
            }
        }
        self::assertSame([], $wrong);
    }

    #[DataProvider('procedures')]
    public function test_acid_and_bleach_come_with_their_warning_and_leave_buckets_and_sinks_clear(Procedure $procedure): void
    {
        $wrong = [];
        foreach ($procedure->steps as $place => $step) {
            foreach ($step->amounts as $amount) {
                $families = self::handbook()->agent($amount->agent)->families;
                $caution = in_array('acid', $families, true)
                    && 'rinse-aid' !== $amount->agent ? 'acid-apart' : (in_array('bleach', $families, true) ? 'bleach' : null);
                $cleared = array_filter(
                    array_slice($procedure->steps, $place),
                    static fn (Step $s): bool => $amount->vessel === $s->clears?->vessel,
                );
                if (null !== $caution && (!in_array($caution, $step->cautions, true) || ([] === $cleared && 'tub' !== $amount->vessel))) {
                    $wrong[] = $step->id;
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_bleach_shows_only_where_tub_or_mesh_is_plastic_and_the_house_allows_it(): void
    {
        $shown = [];
        foreach (self::procedures() as $name => [$procedure]) {
            foreach ($procedure->steps as $step) {
                foreach ($step->amounts as $amount) {
                    if ('chlorine-bleach' === $amount->agent) {
                        $shown[] = explode(',', $name)[1].(str_contains($name, 'no harsh') ? ' harsh' : '');
                    }
                }
            }
        }
        self::assertSame([' mesh plastic', ' tub and mesh plastic', ' tub plastic'], array_values(array_unique(self::sorted($shown))));
    }

    /**
     * @param list<string> $list
     *
     * @return list<string>
     */
    private static function sorted(array $list): array
    {
        sort($list);

        return $list;
    }

    #[DataProvider('procedures')]
    public function test_a_filter_that_turned_or_clicked_out_is_pulled_on_after_it_went_back(Procedure $procedure): void
    {
        $out = $tested = null;
        foreach ($procedure->steps as $place => $step) {
            $out = in_array($step->id, ['refit-twist', 'refit-plate'], true) ? $place : $out;
            $tested = 'lock-test' === $step->capture?->check && $step->mustPass ? $place : $tested;
        }
        self::assertSame(null === $out, null === $tested);
        self::assertTrue(null === $out || $tested > $out);
    }

    #[DataProvider('procedures')]
    public function test_what_is_left_is_graded_only_after_what_was_found(Procedure $procedure): void
    {
        $found = [];
        foreach ($procedure->steps as $step) {
            if (CaptureKind::Grade === $step->capture?->kind) {
                'found' === $step->capture->means
                    ? $found[] = $step->capture->of
                    : self::assertContains($step->capture->of, $found, $step->id);
            }
        }
        self::assertSame($found, array_values(array_unique($found)), 'a part is found in one state once');
    }

    #[DataProvider('procedures')]
    public function test_every_wait_is_ended_by_one_step_or_ends_the_procedure(Procedure $procedure): void
    {
        $open = [];
        foreach ($procedure->steps as $place => $step) {
            $ending = array_filter(array_slice($procedure->steps, $place + 1), static fn (Step $s): bool => $s->waitsFor === $step->id);
            if (null !== $step->timer && 1 !== count($ending)) {
                $open[] = $step->id;
            }
        }
        self::assertSame([], $open);
    }

    #[DataProvider('procedures')]
    public function test_words_fit_a_phone_and_say_one_thing(Procedure $procedure): void
    {
        foreach ($procedure->steps as $step) {
            self::assertLessThanOrEqual(52, mb_strlen($step->title), $step->title);
            self::assertLessThanOrEqual(180, mb_strlen($step->instruction), $step->instruction);
            self::assertMatchesRegularExpression('/[.?]$/', $step->title);
            self::assertGreaterThan(0, $step->hands->value);
        }
    }
}
