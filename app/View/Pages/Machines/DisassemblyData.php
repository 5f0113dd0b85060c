<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Handbook\Handbook;

/** What DisassemblyPage::all() hands to its view. */
final readonly class DisassemblyData extends PageData
{
    /**
     * @param array<string, SheetLine> $lines
     * @param array<string, SheetLine> $known
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public array $lines,
        public array $known,
        public Handbook $handbook,
    ) {
    }
}
