<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\RoundState;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/**
 * The golden files that hold the projector of the core and that of the browser to the same answers. They are written
 * anew with GOODRINSE_GOLDEN=1; tests/Script/projector.test.js reads the same ones.
 */
final class RoundStateTest extends CoreTestCase
{
    private const ROUNDS = [
        ['dishwasher', 'filter-clean', ['filter' => 'twist-out', 'mesh' => 'plastic', 'tub' => 'plastic']],
        ['dishwasher', 'spray-arms', ['arms' => 'three', 'heater' => 'exposed']],
        ['dishwasher', 'strip-down', ['filter' => 'screwed', 'chopper' => 'chopper']],
        ['dishwasher', 'acid-wash', []],
        ['drip-brewer', 'descale-programme', ['programme' => 'programmed', 'disc' => 'disc']],
        ['pod-brewer', 'descale-pods', ['cartridge' => 'cartridge', 'light' => 'light']],
        ['hood', 'wash-filters', ['metal' => 'steel', 'form' => 'baffle']],
    ];
    private const EACH = 6;

    /** @return iterable<string, array{string, string, array<string, string>}> */
    public static function rounds(): iterable
    {
        foreach (self::ROUNDS as [$kind, $procedure, $traits]) {
            yield "$kind-$procedure" => [$kind, $procedure, $traits];
        }
    }

    /** @param array<string, string> $traits */
    #[DataProvider('rounds')]
    public function test_the_state_of_a_round_is_as_in_the_golden_file(string $kind, string $procedure, array $traits): void
    {
        $fitted = self::fitted($kind, $procedure, $traits);
        $cases = [];
        for ($i = 0; $i < self::EACH; ++$i) {
            $ticks = self::ticks($fitted, new Dice(crc32("$kind $procedure") + $i));
            $cases[] = ['ticks' => array_map(RoundState::tick(...), $ticks), 'state' => RoundState::of(new Progress($fitted, $ticks))];
        }
        $json = json_encode(
            ['script' => RoundState::outline($fitted), 'cases' => $cases],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
        $file = dirname(__DIR__, 2)."/fixtures/projector/$kind-$procedure.json";
        if (false !== getenv('GOODRINSE_GOLDEN')) {
            file_put_contents($file, $json);
        }

        self::assertJsonStringEqualsJsonString((string) file_get_contents($file), $json);
    }

    /** @return list<Tick> whatever people may tick, some of it out of order in time */
    private static function ticks(Procedure $procedure, Dice $dice): array
    {
        $ticks = [];
        $at = 1_767_000_000;
        for ($turn = $dice->between(4, 45); $turn > 0; --$turn) {
            $progress = new Progress($procedure, $ticks);
            $step = $dice->uniform() < 0.9 ? $progress->current() : $procedure->steps[$dice->between(0, count($procedure->steps) - 1)];
            if (null === $step) {
                break;
            }
            $options = $step->capture->options ?? [];
            $answer = null === $step->capture
                ? null
                : ([] === $options ? (string) $dice->between(1, 9) : $options[$dice->between(0, count($options) - 1)]->id);
            $how = match (true) {
                $dice->uniform() < 0.08 => Tick::SKIPPED,
                CaptureKind::Tally === $step->capture?->kind && $dice->uniform() < 0.3 => Tick::COUNTING,
                default => Tick::DONE,
            };
            $also = $step->capture?->also;
            $at += $dice->between(-30, 600);
            $overruled = $dice->uniform() < 0.2;
            $details = new TickDetails(
                leftOver: null !== $step->putsBack && $dice->uniform() < 0.1 ? ['screw' => 1] : [],
                also: null !== $also
                    && $dice->uniform() < 0.7 ? $also->options[$dice->between(0, count($also->options) - 1)]->id : null,
                wait: null !== $step->timer && $dice->uniform() < 0.3 ? (float) $dice->between(0, 60) : null,
            );
            $ticks[] = new Tick("t$turn", $step->id, new \DateTimeImmutable("@$at"), $answer, $overruled, how: $how, details: $details);
        }

        return $ticks;
    }
}
