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
    public function sample(): Agent
    {
        return $this->agents[0];
    }
}
