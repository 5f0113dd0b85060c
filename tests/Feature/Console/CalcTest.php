<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** `php artisan calc`, run as it is run. */
#[Group('without-database')]
final class CalcTest extends TestCase
{
    use RunsCalc;

    private const EXAMPLE =
        '{"asOf":"2026-03-01","clocks":[{"unit":"days","n0":90,"min":7,"max":365,"rate":1,"elapsed":12,'
        .'"observations":[{"uses":90,"found":0.0,"left":0.0}]}]}';

    public function test_the_worked_example(): void
    {
        $process = self::calc(self::EXAMPLE, 'rhythm');
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $out = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($out);
        self::assertSame(['2026-08-16', 'fresh'], [$out['dueOn'], $out['state']]);
        self::assertEqualsWithDelta(180.0, $out['clocks'][0]['interval'], 1e-9);
        self::assertContains('Clear after 90 days, so 90 days became 180 (one check may at most double it).', $out['reasons']);
        self::assertSame('', $process->getErrorOutput());
    }

    /** @return iterable<string, array{string, string}> input, start of the message */
    public static function bad(): iterable
    {
        $with = static fn (string $from, string $to): string => str_replace($from, $to, self::EXAMPLE);
        yield 'nothing' => ['', '"": '];
        yield 'cut off' => ['{"asOf":', '"": '];
        yield 'a list' => ['[]', '"": must be an object'];
        yield 'too deep' => [str_repeat('[', 101).str_repeat(']', 101), '"": '];
        yield 'an unknown key' => [$with('"rate":1', '"rate":1,"colour":2'), '/clocks/0/colour: unknown key'];
        yield 'a missing key' => [$with('"rate":1,', ''), '/clocks/0/rate: is required'];
        yield 'an impossible day' => [$with('2026-03-01', '2026-02-29'), '/asOf: '];
        yield 'text for a number' => [$with('"n0":90', '"n0":"90"'), '/clocks/0/n0: must be a number'];
        yield 'a truth for a number' => [$with('"elapsed":12', '"elapsed":true'), '/clocks/0/elapsed: must be a number'];
        yield 'too large' => [$with('"elapsed":12', '"elapsed":1.1e9'), '/clocks/0/elapsed: '];
        yield 'infinite' => [$with('"elapsed":12', '"elapsed":1e999'), '/clocks/0/elapsed: '];
        yield 'negative uses' => [$with('"uses":90', '"uses":-1'), '/clocks/0/observations/0/uses: '];
        yield 'a fraction above one' => [$with('"found":0.0', '"found":1.2'), '/clocks/0/observations/0/found: '];
        yield 'no clock' => ['{"asOf":"2026-03-01","clocks":[]}', '/clocks: '];
        yield 'crossed bounds' => [$with('"min":7', '"min":400'), '/clocks/0: '];
        yield 'beyond all computing' => [
            str_replace(
                ['"n0":90', '"min":7', '"max":365', '"elapsed":12'],
                ['"n0":1e-300', '"min":0', '"max":1e-300', '"elapsed":1e9'],
                self::EXAMPLE,
            ),
            '"": these numbers',
        ];
        yield 'an object for a list' => [$with('[{"uses":90,"found":0.0,"left":0.0}]', '{}'), '/clocks/0/observations: must be a list'];
    }

    #[DataProvider('bad')]
    public function test_bad_input_is_named_by_its_pointer_and_nothing_is_printed(string $input, string $message): void
    {
        self::assertRefused(self::calc($input, 'rhythm'), $message);
    }

    public function test_a_model_that_does_not_exist(): void
    {
        $process = self::calc('{}', 'weather');
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
    }

    /** @return array<string, mixed> */
    private static function answer(string $model, string $input): array
    {
        $process = self::calc($input, $model);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $out = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);

        return is_array($out) ? $out : [];
    }

    public function test_chemistry_gives_verdict_what_decides_reason_and_remedy(): void
    {
        $vessel = static fn (string $vessel, string $propose, string $harsh = 'true'): string => '{"vessel":'
            .$vessel
            .',"propose":"'
            .$propose
            .'","household":{"harshChemicals":'
            .$harsh
            .'}}';
        $tub = '{"kind":"tub","surfaces":["stainless"],"residues":["white-vinegar"]}';
        $out = self::answer('chemistry', $vessel($tub, 'chlorine-bleach'));
        self::assertSame(['never', 'stainless'], [$out['verdict'], $out['with']]);

        $out = self::answer(
            'chemistry',
            $vessel('{"kind":"reservoir","surfaces":["plastic"],"residues":["white-vinegar"]}', 'hydrogen-peroxide'),
        );
        self::assertSame(['clear-first', 'white-vinegar'], [$out['verdict'], $out['with']]);
        self::assertSame('Run or boil two full fills of plain water.', $out['remedy']);

        self::assertSame(['never', null], array_values(
            array_intersect_key(self::answer('chemistry', $vessel($tub, 'alkaline-degreaser', 'false')), ['verdict' => 0, 'with' => 0]),
        ));
        self::assertSame('clear-first', self::answer('chemistry', $vessel($tub, 'moon-dust'))['verdict']);
    }

    public function test_dose_gives_lime_capacity_passes_limit_and_stand(): void
    {
        $out = self::answer(
            'dose',
            '{"hardness":{"value":12,"unit":"dH"},"litres":60,"brewLitres":1.3,'
            .'"dose":{"agent":"white-vinegar","strength":5,"ml":950},"vesselMl":1400}',
        );
        self::assertEqualsWithDelta(
            [214.176, 3.21264, 19.79, 50.43],
            [$out['hardnessMgL'], $out['scaleGrams'], $out['capacityGrams'], $out['brewLimit']],
            0.01,
        );
        self::assertEquals([1, 30], [$out['passes'], $out['standMinutes']]);

        $out = self::answer(
            'dose',
            '{"hardness":{"value":30,"unit":"dH"},"litres":100,"brewLitres":0.2,"dose":{"agent":"citric-acid","grams":20},"vesselMl":1400}',
        );
        self::assertEquals([2, 60], [$out['passes'], $out['standMinutes']]);
        self::assertEqualsWithDelta(78 * 180 / (30 * 17.848) / 0.2, $out['brewLimit'], 1e-9);
    }

    /** @return iterable<string, array{string, string, string}> model, input, start of the message */
    public static function badDoses(): iterable
    {
        $dose = static fn (string $dose): string => '{"hardness":{"value":12,"unit":"dH"},"litres":60,"brewLitres":1.3,"dose":'
            .$dose
            .',"vesselMl":1400}';
        yield 'no acid' => ['dose', $dose('{"agent":"dish-soap","strength":5,"ml":950}'), '/dose/agent: '];
        yield 'more than pure' => ['dose', $dose('{"agent":"white-vinegar","strength":500,"ml":950}'), '/dose/strength: '];
        yield 'a unit nobody uses' => [
            'dose',
            str_replace('"dH"', '"pebbles"', $dose('{"agent":"white-vinegar","strength":5,"ml":950}')),
            '/hardness/unit: ',
        ];
        yield 'nothing poured' => ['dose', $dose('{"agent":"white-vinegar","strength":5,"ml":0}'), '/dose/ml: '];
        yield 'grams and millilitres' => ['dose', $dose('{"agent":"citric-acid","grams":5,"ml":5}'), '/dose/ml: unknown key'];
        $chemistry =
            '{"vessel":{"kind":"tub","surfaces":["stainless"],"residues":[]},"propose":"lemon","household":{"harshChemicals":true}}';
        yield 'an unknown vessel' => ['chemistry', str_replace('"tub"', '"teapot"', $chemistry), '/vessel/kind: '];
        yield 'an unknown surface' => ['chemistry', str_replace('"stainless"', '"velvet"', $chemistry), '/vessel/surfaces/0: '];
        yield 'a rule that is no yes or no' => ['chemistry', str_replace('true', '"yes"', $chemistry), '/household/harshChemicals: '];
        yield 'a residue that is no text' => ['chemistry', str_replace('[]', '[7]', $chemistry), '/vessel/residues/0: '];
    }

    #[DataProvider('badDoses')]
    public function test_bad_doses_and_vessels_exit_2_with_the_place(string $model, string $input, string $message): void
    {
        $process = self::calc($input, $model);
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringStartsWith($message, $process->getErrorOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"));
    }

    private const USE =
        '{"now":60.5,"since":30,"habit":0.7,"most":6,"taps":[{"t":12.8,"n":1}],"told":[{"from":40,"to":47,"n":5}],'
        .'"meters":[{"id":"7","readings":[{"t":30,"total":80},{"t":20,"total":70},{"t":21,"total":1000}]}],"away":[{"from":50,"to":52}]}';

    public function test_use_is_known_in_watched_time_and_estimated_in_the_rest(): void
    {
        $process = self::calc(self::USE, 'use');
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $out = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($out);
        $weight = static fn (int $day): float => 0.5 ** ((60 - $day) / 30);
        $metered = array_sum(array_map($weight, range(20, 29)));
        $told = array_sum(array_map($weight, range(40, 46)));
        $rate = ($metered * 1.0 + $told * 5 / 7) / ($metered + $told);
        self::assertEqualsWithDelta([$rate, 5.0, 21.5 * $rate], [$out['rate'], $out['counted'], $out['estimated']], 1e-9);
        self::assertEquals([17, [['7', 21]]], [$out['watchedDays'], $out['held']]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function badUse(): iterable
    {
        $with = static fn (string $from, string $to): string => str_replace($from, $to, self::USE);
        yield 'two readings at one time' => [$with('{"t":21', '{"t":20'), '/meters/0/readings/2: '];
        yield 'a period that ends before it begins' => [$with('"to":47', '"to":40'), '/told/0: '];
        yield 'an absence of no length' => [$with('"to":52', '"to":50'), '/away/0: '];
        yield 'a machine that can do nothing' => [$with('"most":6', '"most":0'), '/most: '];
        yield 'negative uses' => [$with('"n":1', '"n":-1'), '/taps/0/n: '];
        yield 'since the future' => [$with('"since":30', '"since":61'), '/since: '];
        yield 'a missing list' => [$with(',"away":[{"from":50,"to":52}]', ''), '/away: is required'];
        yield 'an unknown key' => [$with('"habit":0.7', '"habit":0.7,"hobby":1'), '/hobby: unknown key'];
    }

    #[DataProvider('badUse')]
    public function test_bad_uses_exit_2_with_the_place(string $input, string $message): void
    {
        self::assertRefused(self::calc($input, 'use'), $message);
    }

    public function test_everything_that_is_wrong_is_named_in_one_line(): void
    {
        $process = self::calc('{"now":"x","since":1,"habit":-1,"taps":[{"t":1}],"told":[],"meters":[],"away":[],"colour":1}', 'use');
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertSame(
            '/most: is required; /now: must be a number; /habit: must be at least 0; /taps/0/n: is required; /colour: unknown key',
            trim($process->getErrorOutput()),
        );
    }

    public function test_each_model_ships_its_schema_and_a_missing_model_is_bad_input(): void
    {
        foreach (['rhythm', 'use', 'chemistry', 'dose', 'trace'] as $model) {
            $process = new Process([PHP_BINARY, 'artisan', 'calc', $model, '--schema'], dirname(__DIR__, 3));
            $process->run();
            self::assertSame("calc $model", json_decode($process->getOutput(), true)['title'] ?? null);
        }
        $process = new Process([PHP_BINARY, 'artisan', 'calc'], dirname(__DIR__, 3), null, '{}');
        $process->run();
        self::assertSame(2, $process->getExitCode());
        self::assertStringStartsWith('"": there is no such model', $process->getErrorOutput());
    }
}
