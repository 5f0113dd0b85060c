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

    /**
     * What a machine has of this trait; the default where it says nothing.
     *
     * @param array<string, string> $traits
     */
    public function chosen(array $traits): ?Option
    {
        return Option::among($this->options, $traits[$this->id] ?? $this->default);
    }
}
