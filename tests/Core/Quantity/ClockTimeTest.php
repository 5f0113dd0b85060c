<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use GoodRinse\Core\Quantity\ClockTime;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ClockTimeTest extends TestCase
{
    #[TestWith(['15:00', '2026-06-14T15:00:00+02:00'])]
    #[TestWith(['14:30', '2026-06-14T14:30:00+02:00'], 'the very moment')]
    #[TestWith(['14:29', '2026-06-15T14:29:00+02:00'], 'past, so it is the next day')]
    #[TestWith(['00:00', '2026-06-15T00:00:00+02:00'])]
    #[TestWith(['24:00', null])]
    #[TestWith(['9:15', null])]
    #[TestWith(["15:00\n", null])]
    #[TestWith(['', null])]
    public function test_an_hour_is_the_next_time_that_a_clock_shows_it(string $typed, ?string $next): void
    {
        $now = new \DateTimeImmutable('2026-06-14 14:30', new \DateTimeZone('Europe/Stockholm'));

        self::assertSame($next, ClockTime::next($typed, $now)?->format(\DATE_ATOM));
    }
}
