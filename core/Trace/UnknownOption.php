<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

use GoodRinse\Core\CoreException;

/** A check, a result or an action that the model does not have, perhaps because the handbook has changed since. */
final class UnknownOption extends \OutOfBoundsException implements CoreException
{
    public static function check(string $id): self
    {
        return new self("There is no check \"$id\".");
    }

    public static function result(string $check, string $result): self
    {
        return new self("The check \"$check\" has no result \"$result\".");
    }

    public static function symptom(string $id): self
    {
        return new self("There is no symptom \"$id\".");
    }

    public static function action(string $id): self
    {
        return new self("There is no action \"$id\".");
    }
}
