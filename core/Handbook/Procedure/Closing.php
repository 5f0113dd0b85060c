<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

/** What closes a round well, for something that was found in it. */
final readonly class Closing
{
    /**
     * @param list<string> $procedures the better first
     * @param string $found what was found, "white crust on the filter"
     */
    public function __construct(public array $procedures, public string $found, public string $why)
    {
    }
}
