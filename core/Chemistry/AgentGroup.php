<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\Handbook\Chemistry\Agent;

/** Agents that the keep-apart rules treat alike. */
final readonly class AgentGroup
{
    /** @param non-empty-list<Agent> $agents */
    public function __construct(public array $agents)
    {
    }

    /** One that stands for all of them. */
    /** @return list<string> names of those beside the sample */
    public function others(): array
    {
        return array_map(static fn (Agent $agent): string => $agent->name, array_slice($this->agents, 1));
    }

    public function sample(): Agent
    {
        return $this->agents[0];
    }
}
