<?php

declare(strict_types=1);

namespace App\View\Pages\Account;

use App\Models\Household;
use App\View\PageData;

/** What SecurityPage hands to its view. */
final readonly class SecurityData extends PageData
{
    /** @param list<array{at: string, what: string, address: string}> $events the newest first */
    public function __construct(public Household $household, public array $events)
    {
    }
}
