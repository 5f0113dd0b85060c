<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Models\Round;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Measure\OddWeight;
use GoodRinse\Core\Measure\WeightCheck;
use GoodRinse\Core\Round\Projection\WeightLoss;

/** Asks about weights of a round that hardly can be. */
final readonly class RoundWeights
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * @param list<Measurement> $readings of the step that is being done
     *
     * @throws OddWeight for a part that gained by being washed, as a question
     */
    public function ensureLikely(Round $round, array $readings): void
    {
        $after = self::grams($readings, WeightLoss::AFTER);
        if (null === $after) {
            return;
        }
        $progress = $round->progress();
        $before = null;
        foreach ($progress->steps() as $step) {
            $before = self::grams($progress->tick($step)->details->readings ?? [], WeightLoss::BEFORE) ?? $before;
        }
        if (null !== $before) {
            WeightCheck::ensureLighter($before, $after, $this->handbook->measureModel()->grease['wet']);
        }
    }

    /** @param list<Measurement> $readings */
    private static function grams(array $readings, string $what): ?float
    {
        foreach ($readings as $reading) {
            if ($reading->what === $what) {
                return $reading->number;
            }
        }

        return null;
    }
}
