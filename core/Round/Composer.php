<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Chemistry\ProcedureGuard;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Dose\NoCapacity;
use GoodRinse\Core\Handbook\Fitting;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/**
 * Composes a procedure for one machine in one household: the steps its traits call for, kept apart by the
 * interlock, with the stand and the number of doses that its lime asks for.
 */
final readonly class Composer
{
    private ProcedureGuard $guard;
    private Descaling $descaling;

    public function __construct(private Handbook $handbook)
    {
        $this->guard = new ProcedureGuard($handbook->chemistry());
        $this->descaling = new Descaling($handbook->doseModel());
    }

    /** @throws UnknownEntry when the kind has no such procedure */
    public function compose(MachineKind $kind, string $procedure, Circumstances $here): Composed
    {
        $whole = $kind->procedure($procedure);
        $facts = $here->traits + $this->lime($kind, $whole, $here);
        if (!$whole->when->holds($facts)) {
            return new Composed(null, new Fitting($facts), [], null);
        }
        $fitted = $whole->fittedTo($facts);
        $guarded = $this->guard->compose($kind, $fitted, $facts, $here->allowsHarsh, $here->residues);
        $done = array_map(static fn ($step): string => $step->id, $guarded->steps);
        $fitting = new Fitting(
            $facts,
            $kind->words($here->traits),
            array_values(array_filter(array_map(static fn ($step): string => $step->id, $fitted->steps), static fn (string $id): bool => !in_array($id, $done, true))),
            $guarded->clearing,
            $this->strengths($here),
            array_map(fn (float $strength): float => $this->descaling->recipeMl(1.0, $strength, INF), $this->strengths($here)),
        );

        return new Composed(
            null === $guarded->refused && [] !== $guarded->steps ? $whole->with($guarded->steps) : null,
            $fitting,
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
            fn (string $id): bool => null !== $this->compose($kind, $id, $here)->procedure,
        ));
    }

    /**
     * How much lime is reckoned with, as conditions ask for it.
     *
     * @return array<string, string>
     */
    private function lime(MachineKind $kind, Procedure $procedure, Circumstances $here): array
    {
        $litres = $kind->litresPerUse($here->traits);
        if (null === $litres || null === $here->hardness) {
            return Handbook::FACTS;
        }
        $scale = $this->descaling->scaleGrams($here->hardness, $litres * $here->usesSince);
        $capacity = $this->capacity($procedure, $here);

        return [
            'scale' => $this->descaling->isHeavy($scale) ? 'heavy' : 'light',
            'passes' => null !== $capacity && $this->descaling->passes($scale, $capacity) > 1 ? 'more' : 'one',
        ];
    }

    /** Grams of lime that the first dose of acid in the procedure takes away; null when it has none. */
    private function capacity(Procedure $procedure, Circumstances $here): ?float
    {
        foreach ($procedure->steps as $step) {
            foreach ($step->amounts as $amount) {
                $grams = $this->capacityOf($amount->agent, $amount->portion, $here);
                if (null !== $grams && $grams > 0) {
                    return $grams;
                }
            }
        }

        return null;
    }

    private function capacityOf(string $agent, Portion $portion, Circumstances $here): ?float
    {
        try {
            return match ($portion->unit) {
                PortionUnit::Millilitres => $this->descaling->capacityOfVolume($agent, $portion->count, $this->strengths($here)[$agent] ?? $this->descaling->recipeStrength()),
                PortionUnit::Grams => $this->descaling->capacityOfGrams($agent, $portion->count),
                PortionUnit::Pieces => null,
            };
        } catch (NoCapacity) {
            return null;
        }
    }

    /** @return array<string, float> % of every agent that has a strength */
    private function strengths(Circumstances $here): array
    {
        $strengths = $here->strengths;
        foreach ($this->handbook->chemistry()->agents as $agent) {
            if ([] !== $agent->strengths) {
                $strengths[$agent->id] ??= $agent->strengths[0];
            }
        }

        return $strengths;
    }
}
