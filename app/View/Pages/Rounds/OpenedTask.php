<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Entry;
use App\View\Pages\Today\TaskLine;
use GoodRinse\Core\Logbook\Payload\Opening;

/** A care task that a round did something for, as its summary shows it. */
final readonly class OpenedTask
{
    /** @param string|null $learned what the opening did to the rhythm */
    public function __construct(public TaskLine $line, public Entry $entry, public Opening $payload, public ?string $learned)
    {
    }
}
