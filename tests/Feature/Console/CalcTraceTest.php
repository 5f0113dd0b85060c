<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** `php artisan calc trace`, run as it is run. */
#[Group('without-database')]
final class CalcTraceTest extends TestCase
{
    use RunsCalc;

    private const EXAMPLE =
        '{"callFee":120,"causes":[{"id":"clog","weight":3},{"id":"0","weight":1}],'
        .'"checks":[{"id":"hum","cost":2,"results":{"hum":{"clog":0.9,"0":0.2},"silent":{"clog":0.1,"0":0.8}}}],'
        .'"actions":[{"id":"clean","cost":10,"fixes":{"clog":0.9}}],"answers":[{"check":"hum","result":"hum"}],"failed":[]}';

    public function test_the_worked_example(): void
    {
        $process = self::calc(self::EXAMPLE, 'trace');
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $out = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($out);
        self::assertStringContainsString('"0": 0.0', $process->getOutput(), 'a cause that is called 0 stays a key');
        self::assertEqualsWithDelta(2.7 / 2.9, $out['posterior']['clog'], 1e-12);
        self::assertSame([['clean', 'call'], ['kind' => 'action', 'id' => 'clean']], [$out['plan'], $out['next']]);
        self::assertEqualsWithDelta(10 + (1 - 0.9 * 2.7 / 2.9) * 120, $out['expectedCost'], 1e-9);
    }

    /** @return iterable<string, array{string, string}> input, start of the message */
    public static function bad(): iterable
    {
        $with = static fn (string $from, string $to): string => str_replace($from, $to, self::EXAMPLE);
        yield 'no cause' => [$with('[{"id":"clog","weight":3},{"id":"0","weight":1}]', '[]'), '/causes: '];
        yield 'no weight' => [str_replace(['"weight":3', '"weight":1'], '"weight":0', self::EXAMPLE), '/causes: '];
        yield 'a cause twice' => [$with('"id":"0"', '"id":"clog"'), '/causes/1/id: '];
        yield 'an unknown cause' => [$with('"fixes":{"clog"', '"fixes":{"moon"'), '/actions/0/fixes/moon: '];
        yield 'results that do not add up' => [
            $with('"clog":0.1', '"clog":0.2'),
            '/checks/0/results: the results of "clog" must add up to 1',
        ];
        yield 'an unknown check' => [$with('{"check":"hum"', '{"check":"hem"'), '/answers/0/check: '];
        yield 'an unknown result' => [$with('"result":"hum"', '"result":"loud"'), '/answers/0/result: '];
        yield 'the same answered twice' => [$with('"answers":[', '"answers":[{"check":"hum","result":"silent"},'), '/answers/1/check: '];
        yield 'an unknown action' => [$with('"failed":[]', '"failed":["pray"]'), '/failed/0: '];
        yield 'an action called call' => [$with('"id":"clean"', '"id":"call"'), '/actions/0/id: '];
        yield 'evidence that leaves no cause' => [
            str_replace(['{"clog":0.9,"0":0.2}', '{"clog":0.1,"0":0.8}'], ['{}', '{"clog":1,"0":1}'], self::EXAMPLE),
            '/answers/0: With "hum" at "hum" no cause is left.',
        ];
        yield 'a negative cost' => [$with('"cost":10', '"cost":-1'), '/actions/0/cost: '];
    }

    #[DataProvider('bad')]
    public function test_bad_input_is_named_by_its_pointer(string $input, string $message): void
    {
        self::assertRefused(self::calc($input, 'trace'), $message);
    }
}
