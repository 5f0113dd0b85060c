<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

/** A question on which opinions differ, and the side this handbook takes. */
final readonly class Question
{
    /**
     * @param list<Viewpoint> $sides
     * @param string $ours id of the side taken
     * @param string $because why
     * @param list<string> $kinds machine kinds it is about; empty for all
     * @param list<string> $procedures it is about
     */
    public function __construct(
        public string $id,
        public string $question,
        public array $sides,
        public string $ours,
        public string $because,
        public array $kinds,
        public array $procedures,
    ) {
    }
}
