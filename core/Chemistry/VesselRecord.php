<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

/** What a household's vessel holds, and what met in it that should not have. */
final readonly class VesselRecord
{
    /**
     * @param string|null $machine id of the machine it belongs to; null for a vessel the household shares
     * @param list<Residue> $residues since it was last cleared, oldest first
     * @param list<AgentMeeting> $meetings oldest first
     */
    public function __construct(public ?string $machine, public string $vessel, public array $residues, public array $meetings)
    {
    }

    public function hasLiveMeeting(): bool
    {
        foreach ($this->meetings as $meeting) {
            if ($meeting->still) {
                return true;
            }
        }

        return false;
    }
}
