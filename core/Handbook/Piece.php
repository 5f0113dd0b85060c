<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** Small things of one sort that hold a part: screws, clips, a nut. */
final readonly class Piece
{
    /**
     * @param int         $count      how many, 1 to 40
     * @param string|null $bit        driver bit they take
     * @param string|null $size       short or long, where both are about
     * @param string|null $tool       kit id
     * @param string|null $bitTrait   trait of the machine that says which bit they take
     * @param string|null $countTrait trait of the machine that says how many there are
     */
    public function __construct(public string $id, public string $name, public int $count, public ?string $bit = null, public ?string $size = null, public ?string $where = null, public ?string $tool = null, public ?string $countTrait = null, public ?string $bitTrait = null)
    {
    }

    /** "8 cover screws", "bolt". */
    public function counted(): string
    {
        return 1 === $this->count ? $this->name : sprintf('%d %ss', $this->count, $this->name);
    }

    public function counting(int $count): self
    {
        return new self($this->id, $this->name, $count, $this->bit, $this->size, $this->where, $this->tool, $this->countTrait, $this->bitTrait);
    }
}
