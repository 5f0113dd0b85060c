<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\Handbook\Chemistry\Agent;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;

/**
 * The keep-apart rules laid out: who may meet whom, and what may touch what. Every cell is asked of the
 * interlock, so the chart cannot say anything else than the program does.
 */
final readonly class Chart
{
    private Interlock $interlock;

    /** @var list<AgentGroup> */
    public array $groups;

    public function __construct(private ChemistryRules $rules, private bool $allowsHarsh)
    {
        $this->interlock = new Interlock($rules);
        $alike = [];
        foreach ($rules->agents as $agent) {
            $alike[implode('+', $this->character($agent))][] = $agent;
        }
        $this->groups = array_values(array_map(static fn (array $agents): AgentGroup => new AgentGroup($agents), $alike));
    }

    /** What is said of one group poured where another has been, in a vessel that itself minds nothing. */
    public function meeting(AgentGroup $poured, AgentGroup $there): Assessment
    {
        return $this->interlock->assess(
            new VesselState($this->plainVessel(), [], [new Residue($there->sample()->id)]),
            $poured->sample()->id,
        );
    }

    public function touching(AgentGroup $poured, string $surface): Assessment
    {
        return $this->interlock->assess(new VesselState($this->plainVessel(), [$surface]), $poured->sample()->id);
    }

    public function into(AgentGroup $poured, string $vessel): Assessment
    {
        return $this->interlock->assess(new VesselState($vessel), $poured->sample()->id, $this->allowsHarsh);
    }

    /**
     * What the rules look at in an agent; agents that differ only in what no rule asks for are alike.
     *
     * @return list<string>
     */
    private function character(Agent $agent): array
    {
        $asked = $this->rules->foaming;
        foreach ($this->rules->pairs as $rule) {
            array_push($asked, ...$rule->between);
        }
        foreach ($this->rules->touches as $rule) {
            $asked[] = $rule->what;
        }
        $families = array_values(array_intersect($agent->families, $asked));
        sort($families);

        return [...$families, ...(!$this->allowsHarsh && $agent->harsh ? ['harsh'] : [])];
    }

    /** A vessel without rules of its own. */
    private function plainVessel(): string
    {
        foreach ($this->rules->vessels as $vessel) {
            if (!in_array($vessel->id, $this->rules->foamsIn, true)) {
                return $vessel->id;
            }
        }

        return (string) array_key_first($this->rules->vessels);
    }
}
