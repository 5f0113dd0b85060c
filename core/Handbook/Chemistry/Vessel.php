<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** Something an agent is put into, and how it is freed of what was in it. */
final readonly class Vessel
{
    /**
     * @param bool $own whether it belongs to one machine; if not, the household's machines share it
     * @param list<string> $clearedBy ways of clearing that count
     * @param string $remedy the clearing as an instruction
     * @param string $done what a person says once that has happened
     * @param array<string, mixed> $step the clearing as the data of a step, without id
     * @param list<string> $also other ids it has gone by
     * @param list<string> $drainedBy ways that drain it: enough for what would only be wasted
     * @param string|null $use unit of a machine's use that clears it as well, each complete
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $own,
        public array $clearedBy,
        public string $remedy,
        public string $done,
        public array $step,
        public array $also = [],
        public array $drainedBy = [],
        public ?string $use = null,
    ) {
    }
}
