<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Projection;

use GoodRinse\Core\Logbook\Payload\Measurement;

/** What weighing a part before and after it was washed says. */
final class WeightLoss
{
    public const BEFORE = 'weight-before';
    public const AFTER = 'weight-after';

    /**
     * Grams that were washed out; null where it was not weighed twice.
     *
     * @param iterable<Measurement> $readings of a round, the last of each kind counting
     */
    public static function washedOut(iterable $readings): ?float
    {
        $grams = [];
        foreach ($readings as $reading) {
            if (null !== $reading->number) {
                $grams[$reading->what] = $reading->number;
            }
        }

        return isset($grams[self::BEFORE], $grams[self::AFTER]) ? $grams[self::BEFORE] - $grams[self::AFTER] : null;
    }
}
