<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Entry;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\Opening;

/** An entry as the logbook shows it. */
final readonly class LogbookLine
{
    public ?Opening $opening;

    /** @param string|null $voidedBy id of the entry that takes this one out of force */
    public function __construct(public Entry $entry, public string $words, public ?string $voidedBy)
    {
        $says = EntryKind::Opening === $entry->kind ? $entry->says() : null;
        $this->opening = $says instanceof Opening ? $says : null;
    }
}
