<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

use App\Models\CareSession;
use App\Models\Household;
use App\Models\Machine;
use App\View\Drawing\PlanLanes;
use App\View\PageData;
use GoodRinse\Core\Quantity\Day;

/** What PlanPage::for() hands to its view. */
final readonly class PlanData extends PageData
{
    /**
     * @param list<string> $sentences how good the plan is
     * @param array<string, list<PlanChoice>> $choices jobs by the name of their machine
     * @param string $at when it begins, as HH:MM
     * @param string $ready when all is to be done, as HH:MM; empty for as soon as it can be
     * @param string $minutes that there are, as typed
     * @param list<string> $people names, by the number of their hands
     * @param list<PlanLine> $lines in the order in which they begin
     * @param list<array{Machine, list<string>}> $starts rounds to begin, with their procedures
     * @param list<string> $troubles what cannot be as it was asked for
     * @param CareSession|null $open session that goes on already
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public string $head,
        public array $sentences,
        public array $choices,
        public string $at,
        public string $ready,
        public string $minutes,
        public array $people,
        public array $lines,
        public ?PlanLanes $lanes,
        public array $starts,
        public array $troubles,
        public ?CareSession $open,
    ) {
    }
}
