<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Trace;
use App\View\PageData;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Trace\Diagnosis;

/** What TracePage::deck() hands to its view. */
final readonly class TraceDeckData extends PageData
{
    /**
     * @param list<string>                                                                             $names
     * @param list<array{name: string, chance: string, now: float, before: float, moved: string|null}> $suspects
     * @param list<string>                                                                             $told
     * @param array<int, string>                                                                       $steps
     * @param array{minutes: string, money: float, chance: string, stop: string|null}                  $price
     * @param list<array{string, Trace}>                                                               $before
     * @param array<string, int>                                                                       $learned
     * @param array<string, string>                                                                    $procedureNames
     * @param list<string>                                                                             $lately
     * @param list<string>                                                                             $urgent         what to do before anything else
     * @param array<string, string>                                                                    $leftOut        why something that would help is not offered, by its name
     */
    public function __construct(
        public Trace $trace,
        public Machine $machine,
        public Household $household,
        public Day $today,
        public array $names,
        public FaultCatalog $trouble,
        public Diagnosis $reading,
        public array $suspects,
        public array $told,
        public array $steps,
        public string $why,
        public array $price,
        public array $before,
        public ?Photo $photo,
        public array $learned,
        public bool $ask,
        public ?string $cause,
        public array $procedureNames,
        public string $wanted,
        public array $urgent,
        public array $leftOut,
        public array $lately,
    ) {
    }
}
