<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** Something that is poured, sprinkled or squeezed onto a part or into a vessel. */
final readonly class Agent
{
    /**
     * @param list<string> $families what it counts as in the keep-apart rules
     * @param list<float> $strengths % it is sold at, the usual one first; empty where strength says nothing
     * @param bool $harsh whether a household may rule it out everywhere
     * @param bool $noTrace whether it leaves nothing behind for a later agent to meet
     * @param string|null $ownPlace vessel in which it has a container of its own, so that it is no residue there
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $note = null,
        public array $families = [],
        public array $strengths = [],
        public bool $harsh = false,
        public bool $noTrace = false,
        public ?string $ownPlace = null,
    ) {
    }

    /** Whether it stays behind in a vessel that it was put into. */
    public function staysIn(string $vessel): bool
    {
        return !$this->noTrace && $this->ownPlace !== $vessel;
    }
}
