<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

use GoodRinse\Core\Handbook\Compiler\Node;

/** A question on which opinions differ, and the side this handbook takes. */
final readonly class Question
{
    /**
     * @param list<Viewpoint> $sides
     * @param string $default id of the side taken
     * @param string $reason why
     * @param list<string> $kinds machine kinds it is about; empty for all
     * @param list<string> $procedures it is about
     */
    public function __construct(
        public string $id,
        public string $question,
        public array $sides,
        public string $default,
        public string $reason,
        public array $kinds,
        public array $procedures,
    ) {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        return new self(
            $node->string('id'),
            $node->string('question'),
            array_map(
                static fn (Node $side): Viewpoint => new Viewpoint($side->string('id'), $side->string('name'), $side->string('why')),
                $node->at('schools')->items(),
            ),
            $node->string('default'),
            $node->string('reason'),
            $node->at('kinds')->strings(),
            $node->at('procedures')->strings(),
        );
    }
}
