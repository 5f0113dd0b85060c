<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Chemistry\ProcedureGuard;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Part;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureBinding;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\UnknownEntry;

/**
 * Composes procedures for one machine in one household: the steps its traits call for in one order, kept apart by the
 * interlock, each procedure with the stand and the number of doses that its own lime asks for.
 */
final readonly class Composer
{
    private ProcedureGuard $guard;
    private LimeLoad $lime;

    public function __construct(private Handbook $handbook)
    {
        $this->guard = new ProcedureGuard($handbook->chemistry());
        $this->lime = new LimeLoad($handbook);
    }

    /**
     * @throws UnknownEntry when the kind has no such procedure
     * @throws OrderConflict when they contradict each other, or parts of the machine wait for each other
     */
    public function compose(MachineKind $kind, ProcedureSet $set, Circumstances $here): ComposedProcedure
    {
        foreach ($set->ids as $id) {
            $name = $kind->procedures->procedure($id)->name;
            if (!$set->isSingle() && $kind->procedures->standsAlone($id)) {
                throw OrderConflict::alone($name);
            }
            if (!$kind->procedures->procedure($id)->when->holds($here->traits)) {
                return new ComposedProcedure(null, new ProcedureBinding(), [], null);
            }
        }
        $facts = $this->facts($kind, $set, $here);
        [$steps, $of] = $this->steps($kind, $facts, $here);
        if ([] === $steps) {
            return new ComposedProcedure(null, new ProcedureBinding(), [], null);
        }
        $whole = $this->named($kind, $set, $steps);
        $guarded = $this->guard->compose($kind, $whole, $here->traits + Handbook::FACTS, $here->allowsHarsh, $here->residues);
        $binding = new ProcedureBinding(
            array_map(static fn (Step $step): string => $step->id, $guarded->steps),
            $of,
            $kind->words($here->traits),
            $guarded->clearing,
            $this->lime->strengths($here),
            $this->lime->shares($here),
            OwnSteps::of($this->handbook, $here->own),
            $here->own->parts(),
            $this->handbook->cautionsNotFor($kind->id, $here->traits),
        );

        return new ComposedProcedure(
            null === $guarded->refused && [] !== $guarded->steps ? $whole->with($guarded->steps) : null,
            $binding,
            $guarded->leftOut,
            $guarded->refused,
        );
    }

    /**
     * The procedures of a kind that are for this machine, in the handbook's order.
     *
     * @return list<string>
     */
    public function offered(MachineKind $kind, Circumstances $here): array
    {
        return array_values(array_filter(
            array_keys($kind->procedureNames),
            fn (string $id): bool => null !== $this->compose($kind, ProcedureSet::of($id), $here)->procedure,
        ));
    }

    /**
     * What conditions may ask for in each procedure that is for this machine, those that others take in included.
     *
     * @return array<string, array<string, string>> by procedure, in the handbook's order
     */
    private function facts(MachineKind $kind, ProcedureSet $set, Circumstances $here): array
    {
        $facts = [];
        foreach (array_keys($kind->procedures->chains($set)) as $id) {
            $procedure = $kind->procedures->procedure($id);
            $known = $here->traits + $this->lime->facts($kind, $procedure, $here);
            if ($procedure->when->holds($known)) {
                $facts[$id] = $known;
            }
        }

        return $facts;
    }

    /**
     * @param array<string, array<string, string>> $facts by procedure
     *
     * @return array{list<Step>, array<string, array<string, string>>} the steps in order, and the facts each goes by
     */
    private function steps(MachineKind $kind, array $facts, Circumstances $here): array
    {
        if ([] === $facts) {
            return [[], []];
        }
        $own = OwnSteps::of($this->handbook, $here->own);
        $raw = $kind->procedures->rawSteps() + $own;
        $others = $this->handbook->cautionsNotFor($kind->id, $here->traits);
        $chains = array_map(array_flip(...), $kind->procedures->chains(ProcedureSet::from(array_keys($facts))));
        $steps = $of = [];
        foreach ($kind->procedures->sequence(array_keys($facts), $this->first($kind, $here), array_keys($here->first), $own) as $id) {
            $data = $raw[$id];
            if (is_array($data['cautions'] ?? null)) {
                $data['cautions'] = array_values(array_diff(array_filter($data['cautions'], is_string(...)), $others));
            }
            $step = $kind->procedures->step($data);
            foreach ($facts as $procedure => $known) {
                $isItsOwn = isset($chains[$procedure][$id]) || null !== $step->putsBack || [] !== $step->tests;
                if (($isItsOwn || null !== $step->takesOff) && $step->when->holds($known)) {
                    $steps[] = $step;
                    $of[$id] = $known;
                    break;
                }
            }
        }

        return [$steps, $of];
    }

    /** @return array<string, list<string>> parts that come off before a part on this machine, by part */
    private function first(MachineKind $kind, Circumstances $here): array
    {
        $has = static fn (string $part): bool => $kind->hasPart($part) && $kind->part($part)->when->holds($here->traits);
        $first = $here->first + array_filter(array_map(static fn (Part $part): array => $part->coveredBy($here->traits), $kind->parts()));
        foreach ($here->own->inTheWay() as $part => $own) {
            $first[$part] = [...$first[$part] ?? [], ...$own];
        }
        $isOwn = static fn (string $part): bool => isset($here->own->parts[$part]);

        return array_filter(
            array_map(
                static fn (array $covers): array => array_values(
                    array_filter($covers, static fn (string $part): bool => $isOwn($part) || $has($part)),
                ),
                $first,
            ),
        );
    }

    /** @param non-empty-list<Step> $steps */
    private function named(MachineKind $kind, ProcedureSet $set, array $steps): Procedure
    {
        if ($set->isSingle()) {
            return $kind->procedures->procedure($set->ids[0])->with($steps);
        }
        $about = $kind->procedures->about($set);
        $all = array_map($kind->procedures->procedure(...), $set->ids);
        $text = static fn (string $key): string => is_string($about[$key] ?? null) ? $about[$key] : '';

        return new Procedure(
            id: $text('id'),
            name: $text('name'),
            does: $text('does'),
            steps: $steps,
            ends: array_values(array_unique(array_merge(...array_map(static fn (Procedure $procedure): array => $procedure->ends, $all)))),
            essential: array_values(
                array_unique(array_merge(...array_map(static fn (Procedure $procedure): array => $procedure->essential, $all))),
            ),
            runs: $set->ids,
            why: null,
            when: $all[0]->when,
        );
    }
}
