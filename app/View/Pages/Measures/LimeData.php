<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Handbook\Chemistry\Agent;

/** What LimePage::for() hands to its view. */
final readonly class LimeData extends PageData
{
    /**
     * @param list<array{string, string}> $sums what, and how it is computed
     * @param LimeGauge $gauge how far the water heated since has gone towards the limit
     * @param list<Agent> $acids to choose from
     * @param string $agent id of the acid tried
     * @param string $amount of it, in the household's measure
     * @param string $amountUnit what it is written in
     * @param list<string> $acid what so much of it does
     * @param string|null $cannot why nothing can be said of it
     * @param list<string> $time how long a pot takes, in sentences
     * @param list<array{string, string}> $times day and minutes, the newest first
     * @param list<string> $share what descalings taught of its lime, in sentences
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public string $use,
        public string $head,
        public array $sums,
        public LimeGauge $gauge,
        public array $acids,
        public string $agent,
        public string $amount,
        public string $amountUnit,
        public array $acid,
        public ?string $cannot,
        public array $time,
        public array $times,
        public array $share,
        public float $leastMinutes,
        public float $mostMinutes,
    ) {
    }
}
