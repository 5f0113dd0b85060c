<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** Something that is poured, sprinkled or squeezed onto a part or into a vessel. */
final readonly class Agent
{
    /**
     * @param list<string> $families  what it counts as in the keep-apart rules
     * @param list<float>  $strengths % it is sold at, the usual one first; empty where strength says nothing
     * @param bool         $harsh     whether a household may rule it out everywhere
     * @param bool         $noTrace   whether it leaves nothing behind for a later agent to meet
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $note = null,
        public array $families = [],
        public array $strengths = [],
        public bool $harsh = false,
        public bool $noTrace = false,
    ) {
    }
}
