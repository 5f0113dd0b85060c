<?php

declare(strict_types=1);

namespace App\View\Pages\Rhythm;

use App\Care\MachineCare;
use App\Care\TaskCare;
use App\Models\Household;
use App\View\PageData;
use App\View\Pages\Today\TaskLine;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;

/** What RhythmPage::for() hands to its view. */
final readonly class RhythmData extends PageData
{
    /**
     * @param list<MachineCare> $machines
     * @param list<array{TaskLine, YearLine, string}> $years
     * @param list<CareTask> $resting
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

    /** What was found at an opening, in words and as a share. */
    public function found(OpeningRecord $opening, TaskCare $care): string
    {
        return null === $opening->found
            ? (string) __('rhythm.table.unseen')
            : (string) __($opening->symptom ? 'rhythm.table.symptom' : 'rhythm.table.found', [
                'grade' => $this->grade($opening->found, $care),
                'percent' => $opening->found->percent(),
            ]);
    }

    public function left(OpeningRecord $opening, TaskCare $care): string
    {
        return $opening->symptom ? (string) __('rhythm.table.unopened') : $this->grade($opening->left, $care);
    }

    private function grade(Fraction $blocked, TaskCare $care): string
    {
        return mb_strtolower($this->handbook->scales()->scale($care->scale())->nearest($blocked)->name);
    }
}
