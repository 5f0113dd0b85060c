<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** Vessels that agents of a family do not go into, whatever is in them. */
final readonly class PlaceRule
{
    /**
     * @param string $family of agents
     * @param list<string> $vessels ids
     * @param bool $never or else only a caution
     * @param string $why a sentence; {a} stands for the agent
     * @param string|null $instead what to do instead
     */
    public function __construct(
        public string $family,
        public array $vessels,
        public bool $never,
        public string $why,
        public ?string $instead,
    ) {
    }
}
