<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Quantity\Day;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\CoreTestCase;

final class AskingModelTest extends CoreTestCase
{
    #[TestWith([0.0, '2026-06-08', 0, true])]
    #[TestWith([0.0, '2026-06-09', 0, false], 'known for six days only')]
    #[TestWith([1.0, '2026-01-01', 0, false], 'something was counted')]
    #[TestWith([0.0, '2026-01-01', 1, false], 'nobody was there for a day of it')]
    public function test_a_count_is_asked_for_after_a_week_at_home(float $counted, string $known, int $absent, bool $asks): void
    {
        self::assertSame($asks, self::handbook()->asking()->wantsCount($counted, Day::of($known), $absent, Day::of('2026-06-15')));
    }

    #[TestWith([1, '2026-06-13 10:00', false])]
    #[TestWith([2, '2026-06-15 09:00', true], 'two uses are enough')]
    #[TestWith([0, '2026-06-08 10:00', true], 'so is a week')]
    #[TestWith([0, '2026-06-08 10:01', false], 'to the minute')]
    public function test_a_fix_is_asked_after_once_it_had_use_or_time(int $uses, string $fixed, bool $asks): void
    {
        self::assertSame($asks, self::handbook()->asking()->asksWhetherItHeld(
            $uses,
            new \DateTimeImmutable($fixed),
            new \DateTimeImmutable('2026-06-15 10:00'),
        ));
    }

    public function test_an_opening_tells_for_two_days(): void
    {
        $asking = self::handbook()->asking();
        self::assertTrue($asking->isFresh(Day::of('2026-06-13'), Day::of('2026-06-15')));
        self::assertFalse($asking->isFresh(Day::of('2026-06-12'), Day::of('2026-06-15')));
    }
}
