<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Models\Household;
use App\View\PageData;
use GoodRinse\Core\Quantity\Day;

/** What CostPage::for() hands to its view. */
final readonly class CostData extends PageData
{
    /**
     * @param list<string> $kinds heads of the columns
     * @param list<CostLine> $years the latest first
     * @param int|null $year that the tasks are told of; null where nothing has cost anything yet
     * @param list<int> $choices of years
     * @param list<CostLine> $perMachine the dearest first
     * @param list<CostLine> $tasks the dearest first
     * @param string $bought what was paid for supplies in that year
     * @param list<array{string, list<string>}> $agents tasks, and what each acid would cost in the year ahead
     * @param list<string> $saving what was saved, with its arithmetic
     * @param list<ReplacementLine> $machines
     * @param list<array{string, string|null}> $purchases in words, the latest first, with the address of their receipt
     * @param list<string> $notes what is left out, and why
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public string $head,
        public array $kinds,
        public array $years,
        public ?int $year,
        public array $choices,
        public array $perMachine,
        public array $tasks,
        public string $bought,
        public array $agents,
        public array $saving,
        public array $machines,
        public array $purchases,
        public array $notes,
    ) {
    }
}
