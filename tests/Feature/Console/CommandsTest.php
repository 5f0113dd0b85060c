<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use App\Support\StandingClock;
use GoodRinse\Core\Quantity\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What a person types, and what they are told. */
final class CommandsTest extends TestCase
{
    /** @param list<string> $command */
    private static function call(array $command): Process
    {
        $process = new Process($command, dirname(__DIR__, 3));
        $process->run();

        return $process;
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function slips(): iterable
    {
        yield 'a port that is none' => [['bin/demo', '--port=many'], '--port takes a number'];
        yield 'a port too high' => [['bin/demo', '--port=99999'], '--port takes a number'];
        yield 'a day that does not exist' => [['bin/demo', '--today=2026-02-30'], '--today takes a day that exists'];
        yield 'a day in other words' => [['bin/demo', '--today=tomorrow'], '--today takes a day that exists'];
        yield 'an unknown option' => [['bin/demo', '--colour'], 'unknown option: --colour'];
        yield 'an unknown test' => [['bin/test', '--all'], 'usage: bin/test'];
        yield 'a bench on a word' => [['bin/bench', 'here'], 'usage: bin/bench'];
    }

    /** @param list<string> $command */
    #[DataProvider('slips')]
    public function test_slips_are_named_and_nothing_is_started(array $command, string $message): void
    {
        $process = self::call($command);

        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString($message, $process->getErrorOutput());
    }

    public function test_the_handbook_as_shipped_is_in_order(): void
    {
        self::assertStringContainsString('in order', self::call([PHP_BINARY, 'artisan', 'handbook:check'])->getOutput());
    }

    public function test_a_faulty_handbook_is_told_place_by_place(): void
    {
        $folder = sys_get_temp_dir().'/handbook-'.bin2hex(random_bytes(6));
        self::call(['cp', '-r', 'handbook', $folder]);
        file_put_contents("$folder/kit.yaml", "- { id: torch }\n- { id: Torch Light, name: torch }\n");
        $process = self::call([PHP_BINARY, 'artisan', 'handbook:check', $folder]);
        self::call(['rm', '-r', $folder]);

        self::assertSame(1, $process->getExitCode());
        self::assertMatchesRegularExpression('#^kit\.yaml /0: .*name#m', $process->getOutput());
        self::assertMatchesRegularExpression('#^kit\.yaml /1/id: #m', $process->getOutput());
    }

    public function test_standing_on_another_day_keeps_the_time_of_day(): void
    {
        $utc = new \DateTimeZone('UTC');
        $real = new \DateTimeImmutable('now', $utc);
        $there = (new StandingClock(Day::of('2031-02-28')))->now();

        self::assertSame('2031-02-28', $there->format('Y-m-d'));
        $off = abs(($there->getTimestamp() - $real->getTimestamp()) % 86400);
        self::assertLessThanOrEqual(5, min($off, 86400 - $off));
        self::assertEqualsWithDelta($real->getTimestamp(), (new StandingClock())->now()->getTimestamp(), 5);
    }
}
