<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

/** Two agents that must not meet were in one vessel at once. */
final readonly class AgentMeeting
{
    /**
     * @param Residue $first what was there
     * @param Residue $second what was poured onto it
     * @param string $gives what comes of it
     * @param bool $still whether the vessel has not been cleared since
     */
    public function __construct(public Residue $first, public Residue $second, public string $gives, public bool $still)
    {
    }
}
