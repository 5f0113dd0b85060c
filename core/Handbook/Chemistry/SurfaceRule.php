<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** What a family of agents, or a tool, does to a surface. */
final readonly class SurfaceRule
{
    /**
     * @param string $what family of agents, or id of a tool
     * @param bool $never whether it must not happen at all, or only with care
     * @param string $why a sentence; {a} stands for the agent
     * @param string|null $instead what to take or do in its place
     */
    public function __construct(
        public string $what,
        public string $surface,
        public bool $never,
        public string $why,
        public ?string $instead,
    ) {
    }
}
