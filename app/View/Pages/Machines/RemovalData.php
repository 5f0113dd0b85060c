<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Machine;
use App\Models\Round;
use App\View\PageData;
use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Handbook\Machine\MachineTrait;

/** What DisassemblyPage::one() hands to its view. */
final readonly class RemovalData extends PageData
{
    /**
     * @param list<MachineTrait> $asked
     * @param array<string, SheetLine> $others
     * @param list<string> $before
     */
    public function __construct(
        public ?Round $round,
        public Machine $machine,
        public SheetLine $line,
        public array $asked,
        public array $others,
        public array $before,
    ) {
    }
}
