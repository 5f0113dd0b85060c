<?php

declare(strict_types=1);

namespace App\View\Pages\Rhythm;

use App\Models\Household;
use App\View\PageData;
use App\View\Pages\Today\TaskLine;
use GoodRinse\Core\Handbook\Care\RhythmModel;
use GoodRinse\Core\Handbook\Own\OwnTask;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\ClockState;
use GoodRinse\Core\Rhythm\OwnRhythm;
use Illuminate\View\ComponentAttributeBag;

/** What WorkingsPage::for() hands to its view. */
final readonly class WorkingsData extends PageData
{
    /**
     * @param list<array{reading: ClockState, decides: bool, steps: list<array{opening: OpeningRecord, day: string,
     *     found: string, sum: string, after: string}>, sums: list<array{string, string}>}> $clocks
     * @param OwnTask|null $ours where the household has written the task itself
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public ComponentAttributeBag $facts,
        public TaskLine $line,
        public string $start,
        public array $clocks,
        public RhythmModel $model,
        public OwnRhythm $own,
        public ?OwnTask $ours,
    ) {
    }
}
