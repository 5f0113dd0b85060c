<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Volume;

/** An agent went into a vessel. */
final readonly class Dose implements Payload
{
    public function __construct(public string $agent, public string $vessel, public Volume $volume)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::Dose;
    }

    public function toArray(): array
    {
        return ['agent' => $this->agent, 'vessel' => $this->vessel, 'ml' => $this->volume->ml];
    }
}
