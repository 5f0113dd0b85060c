<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** What an entry says, one class for each kind. */
interface Payload
{
    /** @throws MalformedEntry when a field is missing, of the wrong type or out of its range */
    public static function fromFields(PayloadFields $fields): self;

    public function kind(): EntryKind;

    /** @return array<string, scalar|null> what fromFields() reads back */
    public function toArray(): array;
}
