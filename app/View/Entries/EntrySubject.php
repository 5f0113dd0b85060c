<?php

declare(strict_types=1);

namespace App\View\Entries;

use App\Models\Machine;
use GoodRinse\Core\Quantity\Measures;

/** What an entry is about, and the measures it is told in. */
final readonly class EntrySubject
{
    /** @param string|null $part id */
    public function __construct(public ?Machine $machine, public ?string $part, public Measures $measures)
    {
    }
}
