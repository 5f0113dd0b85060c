<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Plan\Candidate;
use GoodRinse\Core\Plan\DigestRule;
use GoodRinse\Core\Plan\OpenMachine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlanTest extends TestCase
{
    private static function task(string $id, float $wear, ?bool $due = null, bool $alone = false): Candidate
    {
        return new Candidate($id, "do-$id", $due ?? $wear >= 1, $wear, $alone);
    }

    public function test_what_is_worn_far_comes_along_when_the_machine_is_open_anyway(): void
    {
        $batch = (new OpenMachine(0.8))->batch(
            [self::task('filter', 1.1), self::task('seal', 0.8), self::task('racks', 0.79)],
            static fn (): bool => true,
        );

        self::assertSame(['do-filter', 'do-seal'], $batch?->procedures());
        self::assertSame(['seal'], $batch->broughtForward());
    }

    public function test_nothing_is_proposed_while_nothing_is_due(): void
    {
        self::assertNull((new OpenMachine(0.8))->batch([self::task('filter', 0.99)], static fn (): bool => true));
    }

    public function test_what_stands_alone_gets_a_round_of_its_own_and_nothing_is_brought_to_it(): void
    {
        $batch = (new OpenMachine(0.8))->batch(
            [self::task('filter', 1.3), self::task('drain', 1.1, alone: true), self::task('seal', 0.9)],
            static fn (): bool => true,
        );
        self::assertSame(['do-filter', 'do-seal'], $batch?->procedures());
        self::assertSame('drain', $batch->apart[0]->task);

        $batch = (new OpenMachine(0.8))->batch(
            [self::task('drain', 1.3, alone: true), self::task('filter', 1.1), self::task('seal', 0.9)],
            static fn (): bool => true,
        );
        self::assertSame(['do-drain'], $batch?->procedures());
        self::assertSame(['filter'], array_map(static fn (Candidate $task): string => $task->task, $batch->apart));
    }

    public function test_what_cannot_be_done_together_is_left_apart(): void
    {
        $batch = (new OpenMachine(0.8))->batch(
            [self::task('filter', 1.3), self::task('mould', 1.2), self::task('seal', 1.1)],
            static fn (array $ids): bool => !in_array('do-mould', $ids, true),
        );

        self::assertSame(['do-filter', 'do-seal'], $batch?->procedures());
        self::assertSame('mould', $batch->apart[0]->task);
    }

    /** @return iterable<string, array{int, int, int, int, bool}> */
    public static function hours(): iterable
    {
        yield 'before the hour' => [8, 21, 7, 7, false];
        yield 'at the hour' => [8, 21, 7, 8, true];
        yield 'later, after being switched off' => [8, 21, 7, 15, true];
        yield 'in the quiet evening' => [8, 21, 7, 22, false];
        yield 'in the quiet night' => [8, 21, 7, 3, false];
        yield 'an hour that is quiet moves to the end of the quiet' => [23, 21, 7, 7, true];
        yield 'and not before' => [23, 21, 7, 6, false];
        yield 'never quiet' => [0, 5, 5, 5, true];
        yield 'quiet in the day' => [12, 9, 17, 13, false];
        yield 'and after it' => [12, 9, 17, 17, true];
    }

    #[DataProvider('hours')]
    public function test_mail_goes_out_at_its_hour_and_never_in_the_quiet(int $hour, int $from, int $to, int $now, bool $goes): void
    {
        self::assertSame($goes, (new DigestRule($hour, $from, $to))->isTime($now));
    }

    public function test_the_same_is_not_said_every_day(): void
    {
        $rule = new DigestRule(8, 21, 7);
        self::assertFalse($rule->isWorthwhile([], null, 0));
        self::assertTrue($rule->isWorthwhile(['filter'], null, 0));
        self::assertFalse($rule->isWorthwhile(['filter', 'seal'], ['filter'], 0), 'once a day');
        self::assertFalse($rule->isWorthwhile(['filter'], ['filter', 'seal'], 3));
        self::assertTrue($rule->isWorthwhile(['filter', 'seal'], ['filter'], 1));
        self::assertTrue($rule->isWorthwhile(['filter'], ['filter'], 7));
    }
}
