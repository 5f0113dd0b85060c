<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** `php artisan calc cupboard`, run as it is run. */
#[Group('without-database')]
final class CalcCupboardTest extends TestCase
{
    use RunsCalc;

    private const INPUT = '{"supplies":[{"id":"vinegar","level":800,"doubt":0,'
        .'"packages":[{"size":1000,"price":1.5},{"size":500,"price":1}]}],'
        .'"demands":[{"supply":"vinegar","job":"descale","amount":500,"day":20,"soonest":15,"latest":30},'
        .'{"supply":"vinegar","job":"wash","amount":500,"day":40,"soonest":35,"latest":60}],"horizon":180}';

    public function test_a_supply_runs_out_at_the_second_job_and_the_cheapest_package_is_bought(): void
    {
        $process = self::calc(self::INPUT, 'cupboard');
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertSame([
            'supplies' => [[
                'id' => 'vinegar',
                'need' => 1000.0,
                'runsOut' => ['day' => 40, 'soonest' => 35, 'latest' => 60, 'job' => 'wash', 'enoughFor' => 1],
                'buy' => ['size' => 500.0, 'count' => 1, 'price' => 1.0],
            ]],
            'cost' => 1.0,
        ], json_decode($process->getOutput(), true, 8, JSON_THROW_ON_ERROR));
    }

    #[TestWith(['"supply":"vinegar","job":"wash"', '"supply":"soda","job":"wash"', 'is of no supply'])]
    #[TestWith(['"soonest":35', '"soonest":45', 'must lie between'])]
    #[TestWith(['"size":500', '"size":0', 'size'])]
    #[TestWith(['"level":800', '"level":-1', 'level'])]
    public function test_bad_input_is_named(string $what, string $by, string $message): void
    {
        $process = self::calc(str_replace($what, $by, self::INPUT), 'cupboard');
        self::assertSame(2, $process->getExitCode());
        self::assertStringContainsString($message, $process->getErrorOutput());
    }
}
