<?php

declare(strict_types=1);

namespace App\View\Pages\Vessels;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Handbook\Chemistry\Vessel;

/** What PourPage::happened() hands to its view. */
final readonly class PouredData extends PageData
{
    /**
     * @param list<string> $met
     * @param list<string> $advice
     * @param list<string> $there
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public Vessel $vessel,
        public string $vesselName,
        public array $met,
        public array $advice,
        public array $there,
    ) {
    }
}
