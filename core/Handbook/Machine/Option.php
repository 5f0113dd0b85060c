<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

use GoodRinse\Core\Handbook\Compiler\Node;

/** One answer to a question with a closed set of answers. */
final readonly class Option
{
    public function __construct(public string $id, public string $name, public ?string $note)
    {
    }

    /** @internal to this folder */
    public static function read(Node $node): self
    {
        return new self($node->string('id'), $node->string('name'), $node->optional('note'));
    }

    /**
     * The option of that id, null when there is none.
     *
     * @param list<self> $options
     */
    public static function among(array $options, string $id): ?self
    {
        foreach ($options as $option) {
            if ($option->id === $id) {
                return $option;
            }
        }

        return null;
    }
}
