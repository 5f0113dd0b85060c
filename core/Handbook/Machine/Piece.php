<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

/** Small things of one sort that hold a part: screws, clips, a nut. */
final readonly class Piece
{
    /**
     * @param int $count how many, 1 to 40
     * @param string|null $bit driver bit they take
     * @param string|null $size short or long, where both are about
     * @param string|null $tool kit id
     * @param string|null $bitTrait trait of the machine that says which bit they take
     * @param string|null $countTrait trait of the machine that says how many there are
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $count,
        public ?string $bit = null,
        public ?string $size = null,
        public ?string $where = null,
        public ?string $tool = null,
        public ?string $countTrait = null,
        public ?string $bitTrait = null,
    ) {
    }

    /** "8 cover screws", "1 long screw", "bolt" where there is never more than one. */
    public function counted(): string
    {
        return match (true) {
            $this->count > 1 => sprintf('%d %s', $this->count, str_ends_with($this->name, 's') ? $this->name : $this->name.'s'),
            null !== $this->countTrait || null !== $this->size => "1 $this->name",
            default => $this->name,
        };
    }

    public function counting(int $count): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            count: $count,
            bit: $this->bit,
            size: $this->size,
            where: $this->where,
            tool: $this->tool,
            countTrait: $this->countTrait,
            bitTrait: $this->bitTrait,
        );
    }
}
