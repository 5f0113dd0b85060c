<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Handbook\Chemistry\Caution;

/** What CupPage::for() hands to its view. */
final readonly class CupData extends PageData
{
    /**
     * @param string $advice what follows from the last test
     * @param list<EarlierCup> $earlier tests before, the newest first
     * @param string|null $baseline rate of the clean machine, in the household's measure; null where there is none
     * @param string $unit that cups are measured in
     * @param string $size of the household's cup, in that unit
     * @param array<string, string> $shapes names by id
     * @param bool $justCleaned whether the arms or the filter were cleaned in the last days, so that it may be the baseline
     * @param string $script what the page's script is given
     * @param int $looks that there are lines for
     */
    public function __construct(
        public Machine $machine,
        public string $head,
        public string $advice,
        public array $earlier,
        public ?string $baseline,
        public string $unit,
        public string $size,
        public string $shape,
        public array $shapes,
        public bool $justCleaned,
        public string $script,
        public int $looks,
        public Caution $caution,
    ) {
    }
}
