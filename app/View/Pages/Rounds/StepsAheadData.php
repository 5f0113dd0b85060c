<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\View\PageData;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Round\Progress;

/** What RoundPage::ahead() hands to its view. */
final readonly class StepsAheadData extends PageData
{
    /**
     * @param list<string> $scales ids of those that the steps judge by
     * @param list<StepView> $views of every step that may still come
     */
    public function __construct(
        public Household $household,
        public Round $round,
        public Machine $machine,
        public MachineKind $kind,
        public Handbook $handbook,
        public \DateTimeImmutable $now,
        public Progress $progress,
        public array $scales,
        public array $views,
    ) {
    }
}
