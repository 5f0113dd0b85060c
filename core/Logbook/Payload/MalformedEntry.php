<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

/** An entry whose words or numbers cannot be right. */
final class MalformedEntry extends \DomainException
{
    public static function value(EntryKind $kind, string $field): self
    {
        return new self(sprintf('An entry of kind %s cannot have this %s.', $kind->value, $field));
    }
}
