<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Procedure\Condition;

/** Something that may put a machine right. */
final readonly class FaultAction
{
    /** The kind of a remedy that fits a new part. */
    public const PART = 'part';

    /**
     * @param string $kind clean, refit, adjust, part, habit or call
     * @param float $minutes of a person's hands
     * @param float $supplies cost of what is used up, in the household's money
     * @param array<string, float> $fixes chance that it helps, by cause, 0 to 1
     * @param string|null $procedure that does it
     * @param string|null $how what is done, where no procedure says it
     * @param Condition $when traits a machine must have for it to make sense
     * @param string|null $notHere why it is not offered without them, where people expect it
     * @param list<string> $needs accesses that have to be open
     * @param array<string, string> $tells what is known of the machine once it has helped, by trait
     * @param string|null $helped how a person says that it did, where it is not that it helped
     * @param bool $dry whether it cannot be done while water stands in the machine
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public float $minutes,
        public float $supplies,
        public array $fixes,
        public ?string $procedure,
        public ?string $how,
        public Condition $when,
        public ?string $notHere = null,
        public array $needs = [],
        public bool $dry = false,
        public ?string $helped = null,
        public array $tells = [],
    ) {
    }

    /**
     * Whether it helps against one of these causes.
     *
     * @param list<string> $causes
     */
    public function servesOneOf(array $causes): bool
    {
        return [] !== array_intersect(array_keys(array_filter($this->fixes)), $causes);
    }

    public function taking(float $minutes): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            kind: $this->kind,
            minutes: $minutes,
            supplies: $this->supplies,
            fixes: $this->fixes,
            procedure: $this->procedure,
            how: $this->how,
            when: $this->when,
            notHere: $this->notHere,
            needs: $this->needs,
            dry: $this->dry,
            helped: $this->helped,
            tells: $this->tells,
        );
    }
}
