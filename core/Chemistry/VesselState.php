<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

/** What a vessel holds since it was last cleared. */
final readonly class VesselState
{
    /**
     * @param string $vessel id of a vessel of the handbook
     * @param list<string> $surfaces what its walls, and the parts in it, are made of
     * @param list<Residue> $residues oldest first
     */
    public function __construct(public string $vessel, public array $surfaces = [], public array $residues = [])
    {
    }

    public function with(Residue $residue): self
    {
        return new self($this->vessel, $this->surfaces, [...$this->residues, $residue]);
    }

    public function cleared(): self
    {
        return new self($this->vessel, $this->surfaces);
    }

    /** @param list<string> $surfaces */
    public function touching(array $surfaces): self
    {
        return new self($this->vessel, array_values(array_unique([...$this->surfaces, ...$surfaces])), $this->residues);
    }
}
