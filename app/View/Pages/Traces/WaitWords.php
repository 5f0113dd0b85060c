<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Care\Readers\PartWaits;
use App\Models\Household;
use App\Models\Trace;
use App\View\Words\Dates;
use GoodRinse\Core\Quantity\Day;

/** Says which new parts a trace waits for. */
final readonly class WaitWords
{
    public function __construct(private PartWaits $waits)
    {
    }

    /** @return list<string> "It waits for a new part: door seal, ordered on 15 June." */
    public function of(Trace $trace, Household $household, Day $today): array
    {
        $lines = [];
        foreach ($this->waits->of($trace) as $name => $need) {
            $lines[] = (string) __("traces.waits.$need->stage", [
                'part' => mb_strtolower($name),
                'on' => Dates::day(Day::at($need->changed, $household->zone()), $today),
            ]);
        }

        return $lines;
    }
}
