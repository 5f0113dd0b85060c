<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Plan\Urgency;
use GoodRinse\Core\Round\Projection\WeightLoss;
use Tests\Core\CoreTestCase;

final class UrgencyTest extends CoreTestCase
{
    public function test_the_earlier_day_comes_first_then_the_more_worn_and_no_date_last(): void
    {
        $jobs = [
            'undated' => new Urgency(null, 9.0),
            'later' => new Urgency(20_002, 0.4),
            'worn' => new Urgency(20_001, 1.3),
            'fresh' => new Urgency(20_001, 1.0),
        ];
        uasort($jobs, static fn (Urgency $a, Urgency $b): int => $a->against($b));
        self::assertSame(['worn', 'fresh', 'later', 'undated'], array_keys($jobs));
    }

    public function test_grease_is_known_only_where_a_filter_was_weighed_twice(): void
    {
        self::assertSame(
            60.0,
            WeightLoss::washedOut(
                [new Measurement('weight-before', 900.0), new Measurement('weight-after', 850.0), new Measurement('weight-after', 840.0)],
            ),
            'the last weighing counts',
        );
        self::assertNull(WeightLoss::washedOut([new Measurement('weight-before', 900.0), new Measurement('weight-after')]));
    }
}
