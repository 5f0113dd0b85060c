<?php

declare(strict_types=1);

namespace App\Support;

use Symfony\Component\Uid\Ulid;

/** Gives each of several things that one page sends an id of its own, the same whenever the page is sent. */
final class DerivedUlid
{
    public static function of(string $ulid, string $what): string
    {
        $bytes = (new Ulid($ulid))->toBinary();

        return (string) Ulid::fromBinary(substr($bytes, 0, 6).substr(hash('sha256', "$bytes $what", true), 0, 10));
    }
}
