<?php

declare(strict_types=1);

namespace App\View\Pages\Ahead;

use App\Care\Sessions\SessionWish;
use App\Models\Household;
use App\View\PageData;
use GoodRinse\Core\Quantity\Day;

/** What AheadPage::for() hands to its view. */
final readonly class AheadData extends PageData
{
    /**
     * @param SessionWish $wish that is shown
     * @param bool $isKept whether that is what the household has said
     * @param list<AheadLine> $lines sessions, the soonest first
     * @param list<array{string, string, string}> $compared what is counted, with sessions, and with each task when it is due
     * @param list<string> $moved what the rhythm has moved since, in sentences
     * @param array<string, list<string>> $between names of tasks that come back too often to wait for sessions, by machine
     * @param array<int, string> $weekdays names, 1 for Monday
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public SessionWish $wish,
        public bool $isKept,
        public bool $hasMachines,
        public string $head,
        public array $lines,
        public array $compared,
        public array $moved,
        public array $between,
        public array $weekdays,
    ) {
    }
}
