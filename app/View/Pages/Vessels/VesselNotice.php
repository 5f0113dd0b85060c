<?php

declare(strict_types=1);

namespace App\View\Pages\Vessels;

use App\Models\Machine;
use GoodRinse\Core\Chemistry\AgentMeeting;
use GoodRinse\Core\Handbook\Chemistry\Vessel;

/** A vessel that holds something, what must stay out of it, and how it is cleared. */
final readonly class VesselNotice
{
    /**
     * @param Machine $machine at which the clearing is written down
     * @param string $name of the vessel, with its machine's
     * @param list<string> $holds names of agents
     * @param \DateTimeImmutable|null $since the first of them went in, in UTC
     * @param list<string> $out names of what must stay out
     * @param list<AgentMeeting> $met what met in it and is still there
     */
    public function __construct(
        public Machine $machine,
        public Vessel $vessel,
        public string $name,
        public array $holds,
        public ?\DateTimeImmutable $since,
        public array $out,
        public array $met,
    ) {
    }
}
