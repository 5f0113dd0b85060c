<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\View\PageData;
use App\View\Words\Dates;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Quantity\Day;

/** What RecordPage::for() hands to its view. */
final readonly class RecordData extends PageData
{
    /**
     * @param list<array{string, string}> $steps
     * @param list<string> $took
     * @param list<string> $agents
     * @param list<string> $fitted
     * @param list<string> $findings
     * @param list<OpenedTask> $opened
     * @param array<int, array{Photo, string}> $photos
     */
    public function __construct(
        public Household $household,
        public Round $round,
        public Machine $machine,
        public MachineKind $kind,
        public Handbook $handbook,
        public Procedure $procedure,
        public array $steps,
        public array $took,
        public array $agents,
        public array $fitted,
        public array $findings,
        public ?float $grease,
        public array $opened,
        public array $photos,
        public bool $stopped,
    ) {
    }

    public function day(): string
    {
        return Dates::day(Day::at($this->round->started_at, $this->household->zone()));
    }

    /** A picture to stand in a file of its own, as a data URL; null where it is gone. */
    public function picture(Photo $photo): ?string
    {
        return $photo->embedded();
    }

    /** "10:05–11:20, stopped half-way". */
    public function span(): string
    {
        $zone = $this->household->zone();
        $ended = $this->round->ended_at;

        return Dates::time($this->round->started_at, $zone)
            .(null === $ended ? (string) __('rounds.still_on') : '–'.Dates::time($ended, $zone))
            .($this->stopped ? (string) __('rounds.stopped_midway') : '');
    }

    public function kindAndPlace(): string
    {
        return implode(' · ', array_filter([$this->kind->name, $this->machine->place]));
    }
}
