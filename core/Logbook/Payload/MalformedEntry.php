<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\CoreException;

/** An entry whose words or numbers cannot be right. */
final class MalformedEntry extends \DomainException implements CoreException
{
    public static function value(EntryKind $kind, string $field): self
    {
        return new self(sprintf('An entry of kind %s cannot have this %s.', $kind->value, $field));
    }
}
