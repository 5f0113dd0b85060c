<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** Something that is poured, sprinkled or squeezed onto a part or into a vessel. */
final readonly class Agent
{
    public function __construct(public string $id, public string $name, public ?string $note)
    {
    }
}
