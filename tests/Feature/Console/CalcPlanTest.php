<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** `php artisan calc plan`, run as it is run. */
#[Group('without-database')]
final class CalcPlanTest extends TestCase
{
    use RunsCalc;

    private const PLAN = '{"resources":["hands","sink"],"steps":[{"id":"1","minutes":5,"needs":["hands"]},'
        .'{"id":"soak","minutes":20,"needs":["sink"]},{"id":"wipe","minutes":15,"needs":["hands"]}],'
        .'"links":[{"from":"1","to":"soak","minLag":0,"maxLag":null}]}';

    public function test_waits_are_filled_and_ids_that_are_numbers_stay(): void
    {
        $process = self::calc(self::PLAN, 'plan');

        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertSame(
            [
                'starts' => ['1' => 0.0, 'soak' => 5.0, 'wipe' => 5.0], 'finish' => 25.0, 'handsFree' => 20.0, 'lowerBound' => 25.0,
                'proved' => true,
            ],
            json_decode($process->getOutput(), true, 8, JSON_THROW_ON_ERROR),
        );
        self::assertStringContainsString('"1": 0.0', $process->getOutput());
    }

    /** @return iterable<string, array{string, string, int, string}> what is replaced by what, exit code, start of the message */
    public static function bad(): iterable
    {
        yield 'a circle' => [']}', ',{"from":"soak","to":"1","minLag":0,"maxLag":null}]}', 3, 'These cannot all be kept: 1 → soak'];
        yield 'more at least than at most' => [
            '"minLag":0,"maxLag":null', '"minLag":5,"maxLag":2', 3, 'These cannot all be kept: 1 → soak (at least 5, at most 2)',
        ];
        yield 'a step twice' => ['"id":"wipe"', '"id":"soak"', 2, '/steps/2: '];
        yield 'a resource that is not there' => ['"needs":["sink"]', '"needs":["tub"]', 2, '/steps/1/needs/0: '];
        yield 'a link to nowhere' => ['"to":"soak"', '"to":"dry"', 2, '/links/0/to: '];
        yield 'less than no time' => ['"minutes":15', '"minutes":-1', 2, '/steps/2/minutes: '];
        yield 'a lag that is not said' => [',"maxLag":null', '', 2, '/links/0/maxLag: '];
        yield 'a key too many' => ['"resources"', '"people":1,"resources"', 2, '/people: '];
        yield 'a resource twice' => ['["hands","sink"]', '["hands","hands","sink"]', 2, '/resources/1: '];
    }

    #[DataProvider('bad')]
    public function test_what_cannot_be_is_named(string $from, string $to, int $code, string $message): void
    {
        $place = ']}' === $from ? strrpos(self::PLAN, ']}') : strpos(self::PLAN, $from);
        $process = self::calc(substr_replace(self::PLAN, $to, (int) $place, strlen($from)), 'plan');

        self::assertSame($code, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertStringStartsWith($message, $process->getErrorOutput());
    }
}
