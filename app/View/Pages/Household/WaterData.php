<?php

declare(strict_types=1);

namespace App\View\Pages\Household;

use App\Care\DateChange;
use App\Models\Household;
use App\View\PageData;
use GoodRinse\Core\Quantity\Day;

/** What WaterPage::for() hands to its view. */
final readonly class WaterData extends PageData
{
    /**
     * @param list<float> $strip
     * @param list<string> $units
     * @param list<DateChange>|null $moved
     */
    public function __construct(
        public Household $household,
        public array $strip,
        public array $units,
        public ?int $turned,
        public bool $tried,
        public ?float $hardness,
        public string $unit,
        public Day $today,
        public ?array $moved,
    ) {
    }
}
