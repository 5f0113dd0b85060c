<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Handbook\Compiler\Node;

/** How a test that a step asks for is spoken of. */
final readonly class CheckWords
{
    /**
     * @param string $passed in the logbook
     * @param string $failed in the logbook
     * @param string $untested of a round that was left without it
     * @param string $open of a round that was left although it failed
     */
    public function __construct(public string $passed, public string $failed, public string $untested, public string $open)
    {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        return new self($node->string('passed'), $node->string('failed'), $node->string('untested'), $node->string('open'));
    }
}
