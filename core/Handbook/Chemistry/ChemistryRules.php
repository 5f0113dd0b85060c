<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

use GoodRinse\Core\Handbook\UnknownEntry;

/** The keep-apart rules, as the handbook's chemistry.yaml and agents.yaml state them. */
final readonly class ChemistryRules
{
    /** The family of every agent that leaves a trace. */
    public const ANYTHING = 'anything';

    /** An agent that is not in the handbook, whatever it is. */
    public const STRANGER = 'something-else';

    /**
     * @param array<string, Agent> $agents by id
     * @param list<PairRule> $pairs
     * @param array<string, string> $surfaces names by id
     * @param list<SurfaceRule> $touches of agents
     * @param list<SurfaceRule> $tools of tools
     * @param list<PlaceRule> $places vessels that agents do not go into
     * @param array<string, Vessel> $vessels by id
     * @param list<string> $foaming families that foam
     * @param list<string> $foamsIn vessels they must not be left in
     * @param array<string, string> $words sentences by what they are said of: foam, foam-remedy, harsh, fine,
     *     near-danger, near-any, alone
     * @param list<string> $whenMet what to do when two agents have met that must not
     * @param list<string> $whenAlone what to do when one went where it never should
     * @param string $inMachine what to do first when it is in a machine
     * @param array<string, string> $families names by id
     * @param array<string, Supply> $supplies what is kept in the cupboard, by agent; none in the handbook of a round
     */
    public function __construct(
        public array $agents,
        public array $pairs,
        public array $surfaces,
        public array $touches,
        public array $tools,
        public array $places,
        public array $vessels,
        public array $foaming,
        public array $foamsIn,
        public array $words,
        public array $whenMet,
        public array $whenAlone,
        public string $inMachine,
        private array $families = [],
        public array $supplies = [],
    ) {
    }

    /** The agent of that id; one without families for an id the handbook does not know. */
    public function agent(string $id): Agent
    {
        return $this->agents[$id] ?? new Agent($id, str_replace('-', ' ', $id));
    }

    public function hasAgent(string $agent): bool
    {
        return isset($this->agents[$agent]);
    }

    /** @throws UnknownEntry */
    public function vessel(string $id): Vessel
    {
        return $this->vessels[$id] ?? throw UnknownEntry::named('vessel', $id);
    }

    /** The vessel's id, where it has gone by another. */
    public function vesselId(string $id): string
    {
        foreach (isset($this->vessels[$id]) ? [] : $this->vessels as $vessel) {
            if (in_array($id, $vessel->also, true)) {
                return $vessel->id;
            }
        }

        return $id;
    }

    /**
     * The rules about two agents meeting, the worst hazard first.
     *
     * @return list<PairRule>
     */
    public function pairsOf(string $one, string $other): array
    {
        $found = array_values(array_filter(
            $this->pairs,
            fn (PairRule $rule): bool => $rule->isAbout($this->agent($one)->families, $this->agent($other)->families),
        ));
        $rank = static fn (PairRule $rule): int => (int) array_search($rule->hazard, PairHazard::cases(), true);
        usort($found, static fn (PairRule $a, PairRule $b): int => $rank($a) <=> $rank($b));

        return $found;
    }

    /** Whether two agents hurt people when they meet. */
    public function isDanger(string $one, string $other): bool
    {
        return PairHazard::Danger === ($this->pairsOf($one, $other)[0] ?? null)?->hazard;
    }

    /** Whether an agent left in a vessel foams when water is thrown about in it. */
    public function foams(string $agent, string $vessel): bool
    {
        return in_array($vessel, $this->foamsIn, true) && [] !== array_intersect($this->foaming, $this->agent($agent)->families);
    }

    /** Whether there is anything the agent dangerously reacts with. */
    public function isReactive(string $agent): bool
    {
        return [] !== $this->enemiesOf($agent);
    }

    /** @throws UnknownEntry */
    public function familyName(string $id): string
    {
        return $this->families[$id] ?? throw UnknownEntry::named('family of agents', $id);
    }

    /** @return list<string> families that the agent dangerously reacts with; what reacts with everything is not said of each */
    public function enemiesOf(string $agent): array
    {
        $families = $this->agent($agent)->families;
        $enemies = [];
        foreach ($this->pairs as $rule) {
            [$one, $other] = $rule->between;
            if (PairHazard::Danger === $rule->hazard) {
                array_push(
                    $enemies,
                    ...(in_array($one, $families, true) ? [$other] : []),
                    ...(self::ANYTHING !== $other && in_array($other, $families, true) ? [$one] : []),
                );
            }
        }

        return array_values(array_unique($enemies));
    }
}
