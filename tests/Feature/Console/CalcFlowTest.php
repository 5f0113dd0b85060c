<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** `php artisan calc flow` and `calc cup`, run as they are run. */
#[Group('without-database')]
final class CalcFlowTest extends TestCase
{
    use RunsCalc;

    private const JET = '{"r":0.2,"side":"top","bore":2.5,"blocked":0}';
    private const FLOW = '{"ringWidth":0.12,"arms":[{"name":"lower","jets":['.self::JET.']},{"name":"bare","jets":[]}]}';
    private const CUP = '{"baseline":180,"readings":[{"minute":0,"ml":0},{"minute":1,"ml":20}]}';

    /** @return array<string, mixed> */
    private static function calculated(string $input, string $model): array
    {
        $process = self::calc($input, $model);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());

        return (array) json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);
    }

    public function test_arms_come_back_in_their_order_with_what_they_reach(): void
    {
        [$lower, $bare] = (array) self::calculated(self::FLOW, 'flow')['arms'];

        self::assertEqualsWithDelta([
            'name' => 'lower', 'openness' => 1.0, 'topOpenness' => 1.0, 'underOpenness' => null, 'coverage' => 0.048,
            'dullRings' => [[0.0, 0.14], [0.26, 1.0]],
        ], $lower, 1e-12);
        self::assertSame([
            'name' => 'bare', 'openness' => null, 'topOpenness' => null, 'underOpenness' => null, 'coverage' => null, 'dullRings' => null,
        ], $bare);
    }

    public function test_a_cup_is_judged(): void
    {
        $output = self::calculated(self::CUP, 'cup');

        self::assertSame([20.0, 'keep-checking'], [$output['rate'], $output['verdict']]);
        self::assertEqualsWithDelta(20 / 180, $output['ratio'], 1e-12);
        self::assertNull(self::calculated(str_replace('180', 'null', self::CUP), 'cup')['ratio']);
    }

    /** @return iterable<string, array{string, string, string}> model, input, start of the message */
    public static function bad(): iterable
    {
        $flow = static fn (string $from, string $to): array => ['flow', str_replace($from, $to, self::FLOW)];
        yield 'off the arm' => [...$flow('"r":0.2', '"r":1.01'), '/arms/0/jets/0/r: '];
        yield 'without a bore' => [...$flow('"bore":2.5', '"bore":0'), '/arms/0/jets/0/bore: '];
        yield 'a third side' => [...$flow('"top"', '"tip"'), '/arms/0/jets/0/side: '];
        yield 'a quarter blocked' => [...$flow('"blocked":0', '"blocked":0.25'), '/arms/0/jets/0/blocked: '];
        yield 'a key too many' => [...$flow('"bore"', '"spin":1,"bore"'), '/arms/0/jets/0/spin: '];
        yield 'no ring' => [...$flow('0.12', '0'), '/ringWidth: '];
        yield 'an arm without a name' => [...$flow('"name":"bare",', ''), '/arms/1/name: '];
        $cup = static fn (string $from, string $to): array => ['cup', str_replace($from, $to, self::CUP)];
        yield 'a baseline of nothing' => [...$cup('180', '0'), '/baseline: '];
        yield 'no baseline named' => [...$cup('"baseline":180,', ''), '/baseline: '];
        yield 'a single look' => [...$cup(',{"minute":1,"ml":20}', ''), '/readings: '];
        yield 'time that stands' => [...$cup('"minute":1', '"minute":0'), '/readings/1/minute: '];
        yield 'less than empty' => [...$cup('"ml":20', '"ml":-20'), '/readings/1/ml: '];
        yield 'a level in words' => [...$cup('"ml":20', '"ml":"full"'), '/readings/1/ml: '];
    }

    #[DataProvider('bad')]
    public function test_what_is_wrong_is_named_with_its_place(string $model, string $input, string $message): void
    {
        $process = self::calc($input, $model);

        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertStringStartsWith($message, $process->getErrorOutput());
    }
}
