<?php

declare(strict_types=1);

namespace App\Care;

/** A procedure that closes a round well, for what was found in it. */
final readonly class ClosingOffer
{
    public function __construct(public string $procedure, public string $name, public string $found, public string $why)
    {
    }
}
