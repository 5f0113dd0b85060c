<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Refusal;

/** Something was asked for that the handbook does not hold. */
final class UnknownEntry extends \OutOfBoundsException implements Refusal
{
    public static function named(string $sort, string $id): self
    {
        return new self(sprintf('The handbook has no %s "%s".', $sort, mb_strimwidth($id, 0, 40, '…')));
    }
}
