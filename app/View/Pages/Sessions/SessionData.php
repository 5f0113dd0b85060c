<?php

declare(strict_types=1);

namespace App\View\Pages\Sessions;

use App\Models\CareSession;
use App\Models\Household;
use App\Models\Round;
use App\View\Drawing\PlanLanes;
use App\View\PageData;
use App\View\Pages\Plan\PlanLine;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\RunningTimer;

/** What SessionPage::for() hands to its view. */
final readonly class SessionData extends PageData
{
    /**
     * @param string $change what has changed since the end was last said; empty where nothing goes on
     * @param list<PersonTurn> $turns what each person does next
     * @param list<PlanLine> $lines of what is left, in the order in which they begin
     * @param list<array{Round, RunningTimer}> $timers waits that run, the one that is over first before the others
     * @param list<Round> $rounds that have not ended
     * @param bool $canJoin whether the one who looks can lend a hand
     * @param bool $canLeave whether they can leave it to the other
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public \DateTimeImmutable $now,
        public CareSession $session,
        public string $head,
        public string $change,
        public array $turns,
        public array $lines,
        public ?PlanLanes $lanes,
        public array $timers,
        public array $rounds,
        public bool $canJoin,
        public bool $canLeave,
    ) {
    }
}
