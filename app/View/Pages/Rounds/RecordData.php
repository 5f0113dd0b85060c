<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\View\PageData;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;

/** What RecordPage::for() hands to its view. */
final readonly class RecordData extends PageData
{
    /**
     * @param list<array{string, string}>      $steps
     * @param list<string>                     $took
     * @param list<string>                     $agents
     * @param list<string>                     $fitted
     * @param list<string>                     $findings
     * @param list<OpenedTask>                 $opened
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
}
