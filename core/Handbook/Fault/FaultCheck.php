<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Procedure\Condition;

/** Something a person can look at, listen to or try, that tells causes apart. */
final readonly class FaultCheck
{
    /**
     * @param float $minutes of a person's time
     * @param list<CheckResult> $results what can come of it; their chances add up to 1 under every cause
     * @param bool $hazard whether it rules out that somebody is hurt, and so comes first
     * @param Condition $when traits a machine must have for it to make sense
     * @param string|null $task care task whose openings tell its result
     * @param array{string, string}|null $asOpened results for a part that is shut and for one that is open
     * @param array{string, string}|null $residue a vessel of the machine and the result that something left in it
     *     stands for
     * @param array<string, string> $measured results by what an instrument found
     * @param string|null $measuredBy the instrument: jets, motion or cup
     * @param list<string> $needs accesses that have to be open
     * @param list<string> $for symptoms of which one must have been noticed for it to make sense; empty for any
     * @param bool $dry whether it cannot be done while water stands in the machine
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $how,
        public float $minutes,
        public array $results,
        public bool $hazard,
        public Condition $when,
        public ?string $task = null,
        public ?array $asOpened = null,
        public ?array $residue = null,
        public array $needs = [],
        public bool $dry = false,
        public array $for = [],
        public array $measured = [],
        public ?string $measuredBy = null,
    ) {
    }

    /**
     * Whether a result of it speaks for or against one of these causes by name.
     *
     * @param list<string> $causes
     */
    public function servesOneOf(array $causes): bool
    {
        foreach ($this->results as $result) {
            if ([] !== array_intersect($result->names(), $causes)) {
                return true;
            }
        }

        return false;
    }
}
