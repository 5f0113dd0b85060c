<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** `php artisan calc suspects`, run as it is run. */
#[Group('without-database')]
final class CalcSuspectsTest extends TestCase
{
    use RunsCalc;

    private const EXAMPLE = '{"causes":[{"id":"clog","weight":10,"wear":1.2},{"id":"0","weight":1,"wear":null}],'
        .'"symptoms":[{"id":"water","grave":3,"else":0.02,"given":{"clog":0.9}},{"id":"1","grave":3.5,"else":0,"given":{"0":0.5}}],'
        .'"present":["water","1"]}';

    public function test_two_faults_with_names_that_are_numbers(): void
    {
        $process = self::calc(self::EXAMPLE, 'suspects');
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertSame(
            ['groups' => [
                ['symptoms' => ['1'], 'suspects' => ['0' => 1.0]],
                ['symptoms' => ['water'], 'suspects' => ['clog' => 1.0]],
            ]],
            json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR),
        );
        self::assertStringContainsString('"0": 1.0', $process->getOutput());
    }

    /** @return iterable<string, array{string, string}> input, start of the message */
    public static function bad(): iterable
    {
        $with = static fn (string $from, string $to): string => str_replace($from, $to, self::EXAMPLE);
        yield 'nothing noticed' => [$with('"present":["water","1"]', '"present":[]'), '/present: '];
        yield 'noticed twice' => [$with('["water","1"]', '["water","water"]'), '/present/1: '];
        yield 'an unknown symptom' => [$with('["water","1"]', '["water","moon"]'), '/present/1: '];
        yield 'a cause twice' => [$with('"id":"0"', '"id":"clog"'), '/causes/1/id: '];
        yield 'an unknown cause' => [$with('"given":{"clog"', '"given":{"moon"'), '/symptoms/0/given/moon: '];
        yield 'a wear below nothing' => [$with('"wear":1.2', '"wear":-1'), '/causes/0/wear: '];
        yield 'a wear that is text' => [$with('"wear":1.2', '"wear":"much"'), '/causes/0/wear: '];
        yield 'more than certain' => [$with('"clog":0.9', '"clog":1.1'), '/symptoms/0/given/clog: '];
        yield 'without gravity' => [$with('"grave":3,', ''), '/symptoms/0/grave: '];
    }

    #[DataProvider('bad')]
    public function test_what_is_wrong_is_named_with_its_place(string $input, string $message): void
    {
        $process = self::calc($input, 'suspects');

        self::assertSame(2, $process->getExitCode());
        self::assertStringStartsWith($message, $process->getErrorOutput());
    }
}
