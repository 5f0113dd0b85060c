<?php

declare(strict_types=1);

namespace App\View\Pages\Rhythm;

use App\Care\MachineCare;
use App\Models\Household;
use App\View\PageData;
use App\View\Pages\Today\TaskLine;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;

/** What RhythmPage::for() hands to its view. */
final readonly class RhythmData extends PageData
{
    /**
     * @param list<MachineCare>                       $machines
     * @param list<array{TaskLine, YearLine, string}> $years
     * @param list<CareTask>                          $resting
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public array $machines,
        public ?MachineCare $shown,
        public array $years,
        public string $table,
        public int $page,
        public int $pages,
        public int $before,
        public int $count,
        public array $resting,
        public Handbook $handbook,
    ) {
    }
}
