<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Quantity\Day;

/** What ServiceRecordPage hands to its views. */
final readonly class ServiceRecordData extends PageData
{
    /**
     * @param list<array{string, string}> $facts what the machine is, label and words
     * @param list<array{string, string}> $lines day and what was done, found or noticed, the newest first
     * @param string|null $left when and how it left the kitchen; null for one in use
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public string $kindName,
        public Day $today,
        public array $facts,
        public array $lines,
        public ?string $left,
    ) {
    }
}
