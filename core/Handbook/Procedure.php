<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** A job in steps, in the order they are done, before it is fitted to a machine. */
final readonly class Procedure
{
    /** @param non-empty-list<Step> $steps */
    public function __construct(public string $id, public string $name, public string $does, public array $steps)
    {
    }
}
