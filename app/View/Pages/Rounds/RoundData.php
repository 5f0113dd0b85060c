<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\ClosingOffer;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Support\Shortcuts;
use App\View\PageData;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\RunningTimer;
use GoodRinse\Core\Round\Tray;

/** What RoundPage::for() hands to its view. */
final readonly class RoundData extends PageData
{
    /**
     * @param list<Step> $steps those that are done and those that may still come
     * @param Step|null $step shown; null when all are done
     * @param int $number of the step shown, from 1
     * @param Step|null $before the step before it
     * @param list<RunningTimer> $timers
     * @param list<TrayPiece> $tray in the order they came off
     * @param array<string, string> $notes what the household wants to remember, by the name of the procedure
     * @param list<OpenEnd> $openEnds what would be left open now
     * @param array<string, mixed> $state as the browser keeps it
     * @param list<array<string, mixed>> $outline steps as the browser works them out
     * @param list<array<string, mixed>> $ticks as the browser keeps them
     * @param list<string> $scales ids of those that the steps judge by
     * @param list<ClosingOffer> $offers what may be done next
     * @param string $last id of the newest tick
     * @param list<string> $called what somebody was called for on the machine
     */
    public function __construct(
        public Household $household,
        public Round $round,
        public Machine $machine,
        public MachineKind $kind,
        public Handbook $handbook,
        public \DateTimeImmutable $now,
        public Progress $progress,
        public array $steps,
        public ?Step $step,
        public ?StepView $view,
        public int $number,
        public ?Step $before,
        public array $timers,
        public array $tray,
        public Tray $apart,
        public array $notes,
        public array $openEnds,
        public array $state,
        public array $outline,
        public array $ticks,
        public array $scales,
        public array $offers,
        public array $called,
        public string $last,
        public Shortcuts $shortcuts,
    ) {
    }
}
