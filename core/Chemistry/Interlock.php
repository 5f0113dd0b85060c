<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Chemistry\PairHazard;

/**
 * Says whether an agent may go into a vessel: the front door of this folder.
 *
 * Every rule that applies is looked at and the worst verdict wins. What was put into a vessel stays in it
 * until a clearing is recorded; time alone clears nothing. The rules are the handbook's.
 */
final readonly class Interlock
{
    public function __construct(private ChemistryRules $rules)
    {
    }

    /**
     * @param string $agent id; one the handbook does not know is never go next to a residue
     * @param bool $allowsHarsh whether the household uses harsh chemicals at all
     *
     * @throws UnknownVessel for a vessel or surface the rules do not know
     */
    public function assess(VesselState $state, string $agent, bool $allowsHarsh = true): Assessment
    {
        if (!isset($this->rules->vessels[$state->vessel])) {
            throw UnknownVessel::vessel($state->vessel);
        }
        $worst = $danger = null;
        foreach ([
            ...$this->ofHousehold($agent, $allowsHarsh),
            ...$this->onSurfaces($state, $agent),
            ...$this->besideResidues($state, $agent),
            ...$this->inVessel($state, $agent),
        ] as $found) {
            if (null === $worst || $found->verdict->severity() > $worst->verdict->severity()) {
                $worst = $found;
            }
            $danger ??= Verdict::ClearFirst === $found->verdict ? $found : null;
        }
        if (null !== $danger && Verdict::Never === $worst->verdict) {
            // What forbids it anyway must not hide what it would do there: someone may still pour it.
            return new Assessment(Verdict::Never, $worst->with, "$danger->reason $worst->reason", $worst->remedy);
        }

        return $worst ?? new Assessment(Verdict::Go, null, $this->sentence($this->rules->hasAgent($agent) ? 'fine' : 'alone', $agent));
    }

    /**
     * What the surfaces and the household alone say, whatever has been in the vessel.
     *
     * @param list<string> $surfaces
     *
     * @throws UnknownVessel
     */
    public function assessFresh(string $vessel, array $surfaces, string $agent, bool $allowsHarsh = true): Assessment
    {
        return $this->assess(new VesselState($vessel, $surfaces), $agent, $allowsHarsh);
    }

    /** @return list<Assessment> */
    private function ofHousehold(string $agent, bool $allowsHarsh): array
    {
        return !$allowsHarsh
            && $this->rules->agent($agent)->harsh ? [new Assessment(Verdict::Never, null, $this->sentence('harsh', $agent))] : [];
    }

    /** @return list<Assessment> */
    private function onSurfaces(VesselState $state, string $agent): array
    {
        $found = [];
        foreach ($state->surfaces as $surface) {
            if (!isset($this->rules->surfaces[$surface])) {
                throw UnknownVessel::surface($surface);
            }
            foreach ($this->rules->touches as $rule) {
                if ($rule->surface === $surface && in_array($rule->what, $this->rules->agent($agent)->families, true)) {
                    $found[] = new Assessment(
                        $rule->never ? Verdict::Never : Verdict::Caution,
                        $surface,
                        $this->fill($rule->why, $agent),
                        $rule->instead,
                    );
                }
            }
        }

        return $found;
    }

    /** @return list<Assessment> */
    private function besideResidues(VesselState $state, string $agent): array
    {
        $clearing = $this->rules->vessel($state->vessel)->remedy;
        $found = [];
        foreach ($state->residues as $residue) {
            foreach ($this->rules->pairsOf($agent, $residue->agent) as $rule) {
                if ($residue->drained && PairHazard::Danger !== $rule->hazard) {
                    continue; // what has drained is wasted no more
                }
                $verdict = match ($rule->hazard) {
                    PairHazard::Danger => Verdict::ClearFirst,
                    PairHazard::Avoid => Verdict::Caution,
                    PairHazard::Wasteful => Verdict::Wasteful,
                };
                $found[] = new Assessment($verdict, $residue->agent, $this->fill($rule->why, $agent, $residue->agent), $clearing);
            }
            if (!$this->rules->hasAgent($agent) || !$this->rules->hasAgent($residue->agent)) {
                $found[] = $this->unknownBeside($residue->agent, $agent, $clearing);
            }
        }

        return $found;
    }

    /** One of the two is not in the handbook; the verdict is the same whichever was there first. */
    private function unknownBeside(string $residue, string $agent, string $clearing): Assessment
    {
        [$stranger, $other] = $this->rules->hasAgent($agent) ? [$residue, $agent] : [$agent, $residue];
        $reactive = $this->rules->isReactive($other);

        return new Assessment(
            $reactive ? Verdict::ClearFirst : Verdict::Caution,
            $residue,
            $this->sentence($reactive ? 'near-danger' : 'near-any', $stranger, $other),
            $clearing,
        );
    }

    /** @return list<Assessment> */
    private function inVessel(VesselState $state, string $agent): array
    {
        $remedy = $this->rules->words['foam-remedy'];
        $found = $this->rules->foams($agent, $state->vessel)
            ? [new Assessment(Verdict::Caution, null, $this->sentence('foam', $agent), $remedy)]
            : [];
        foreach ($this->rules->places as $rule) {
            if (in_array($state->vessel, $rule->vessels, true) && in_array($rule->family, $this->rules->agent($agent)->families, true)) {
                $verdict = $rule->never ? Verdict::Never : Verdict::Caution;
                $found[] = new Assessment($verdict, null, $this->fill($rule->why, $agent), $rule->instead);
            }
        }

        return $found;
    }

    private function sentence(string $of, string $agent, string $other = ''): string
    {
        return $this->fill($this->rules->words[$of], $agent, $other);
    }

    private function fill(string $sentence, string $agent, string $other = ''): string
    {
        $text = strtr($sentence, ['{a}' => $this->rules->agent($agent)->name, '{b}' => $this->rules->agent($other)->name]);

        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }
}
