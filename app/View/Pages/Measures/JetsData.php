<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;

/** What JetsPage::for() hands to its view. */
final readonly class JetsData extends PageData
{
    /**
     * @param list<ArmView> $arms as they are now
     * @param string $script what the drawing's script is given
     * @param list<EarlierMap> $earlier maps before, the newest first
     * @param array{EarlierMap, EarlierMap}|null $pair before and after of the last clean
     * @param bool $stands whether an arm does not turn freely
     * @param string|null $typed drawing that was sent and not taken
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public string $head,
        public array $arms,
        public string $script,
        public array $earlier,
        public ?array $pair,
        public ?string $typed,
        public bool $stands,
    ) {
    }
}
