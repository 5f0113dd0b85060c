<?php

declare(strict_types=1);

namespace App\Support;

/** Where a request comes from. */
final readonly class Caller
{
    /** @param string|null $address of the browser, as far as a proxy that is trusted says it; null on the command line */
    public function __construct(public ?string $address)
    {
    }
}
