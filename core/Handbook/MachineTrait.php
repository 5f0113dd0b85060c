<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** Something that tells two machines of a kind apart and changes the work: what its tub is made of, what its filter is. */
final readonly class MachineTrait
{
    /** @param non-empty-list<Option> $options */
    public function __construct(public string $id, public string $ask, public ?string $hint, public array $options, public string $default)
    {
    }
}
