<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\View\PageData;
use GoodRinse\Core\Handbook\Machine\Part;
use GoodRinse\Core\Handbook\MachineKind;
use Illuminate\Database\Eloquent\Collection;

/** What ComposePage::for() hands to its view. */
final readonly class ComposeData extends PageData
{
    /**
     * @param array<string, ComposeChoice> $choices
     * @param list<string> $picked
     * @param list<string> $about
     * @param Collection<int, Round> $running
     * @param list<string> $called what somebody was called for on the machine
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public MachineKind $kind,
        public array $choices,
        public array $picked,
        public ?Part $part,
        public array $about,
        public ?CombinedRound $together,
        public ?string $conflict,
        public array $called,
        public Collection $running,
    ) {
    }
}
