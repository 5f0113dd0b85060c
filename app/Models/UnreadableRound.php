<?php

declare(strict_types=1);

namespace App\Models;

/** A round whose steps were kept in a form that this version cannot read. */
final class UnreadableRound extends \RuntimeException
{
    public static function because(\Throwable $cause): self
    {
        return new self('The steps of this round cannot be read any more: '.$cause->getMessage(), 0, $cause);
    }
}
