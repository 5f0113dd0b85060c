<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

/** What an entry says, one class for each kind. */
interface Payload
{
    public function kind(): EntryKind;

    /** @return array<string, scalar|null> what PayloadCodec reads back */
    public function toArray(): array;
}
