<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Flow\CupReading;
use GoodRinse\Core\Flow\CupTest;
use GoodRinse\Core\Handbook\Handbook;

/** What a cup that stood in the rack says: `calc cup`. */
final readonly class CupModel implements Model
{
    public function __construct(private Handbook $handbook)
    {
    }

    public function calculate(Json $input): array
    {
        $in = $input->object(['baseline', 'readings']);
        $places = $in['readings']->list();
        if (count($places) < 2) {
            throw $in['readings']->bad('must be at least two');
        }
        $readings = [];
        foreach ($places as $place) {
            $fields = $place->object(['minute', 'ml']);
            $reading = new CupReading($fields['minute']->number(0), $fields['ml']->number(0));
            if ([] !== $readings && $reading->minute <= $readings[count($readings) - 1]->minute) {
                throw $fields['minute']->bad('must lie after the one before');
            }
            $readings[] = $reading;
        }
        $baseline = null === $in['baseline']->raw() ? null : $in['baseline']->positive();
        $result = (new CupTest($this->handbook->measureModel()->flow))->judge($readings, $baseline);

        return [
            'rate' => $result->rate,
            'ratio' => $result->ratio,
            'verdict' => $result->verdict->value,
            'lookAgainAt' => $result->lookAgainAt,
        ];
    }
}
