<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace\Machine;

use GoodRinse\Core\CoreException;

/** Nothing that the handbook knows of such a machine explains what was noticed. */
final class UnexplainedSymptoms extends \DomainException implements CoreException
{
    /** @param list<string> $symptoms */
    public static function of(array $symptoms): self
    {
        return new self('Nothing in the handbook explains '.implode(', ', $symptoms).' on such a machine.');
    }
}
