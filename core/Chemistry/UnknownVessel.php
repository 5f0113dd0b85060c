<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\CoreException;

/** A vessel or surface that the keep-apart rules do not know, so that no verdict on it could be trusted. */
final class UnknownVessel extends \DomainException implements CoreException
{
    public static function vessel(string $id): self
    {
        return new self(sprintf('There is no vessel "%s".', mb_strimwidth($id, 0, 40, '…')));
    }

    public static function surface(string $id): self
    {
        return new self(sprintf('There is no surface "%s".', mb_strimwidth($id, 0, 40, '…')));
    }
}
