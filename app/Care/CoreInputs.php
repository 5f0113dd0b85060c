<?php

declare(strict_types=1);

namespace App\Care;

use App\Care\Measures\BrewReader;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Apart\OwnWay;
use GoodRinse\Core\Apart\TakeApartSheet;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Dose\NoCapacity;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Hardness;
use GoodRinse\Core\Rhythm\CareSettings;
use GoodRinse\Core\Rhythm\OwnRhythm;
use GoodRinse\Core\Round\Circumstances;

/** Puts what a household has said about itself and its machines in the terms of the core. */
final readonly class CoreInputs
{
    public function __construct(private Handbook $handbook, private BrewReader $brews)
    {
    }

    /** What a task of the machine starts from. */
    public function settings(Machine $machine, Household $household, string $task): CareSettings
    {
        return new CareSettings(
            $machine->habits,
            $machine->schools[$task] ?? null,
            $this->hardness($household),
            $machine->kindIn($this->handbook)->litresPerUse($machine->traits),
            $machine->ownTasks()->task($task)->since
                ?? (null === $machine->created_at ? null : Day::at($machine->created_at->toDateTimeImmutable(), $household->zone())),
            $this->ownRhythm($machine, $task),
        );
    }

    /** What the household wants of a rhythm: a task of its own that is only done, and not judged, stays where it was set. */
    public function ownRhythm(Machine $machine, string $task): OwnRhythm
    {
        $kept = OwnRhythm::read((array) ($machine->rhythms[$task] ?? []));
        $own = $machine->ownTasks()->task($task);

        if (null !== $own && null === $own->scale) {
            $kept = $kept->keptAt($own->unit, (float) $own->every);
        }

        return $kept->countedIn($machine->kindIn($this->handbook)->useUnit);
    }

    /**
     * What a procedure on the machine is composed for.
     *
     * @param array<string, list<Residue>> $residues what each vessel holds now, by vessel
     * @param array<string, float> $usesSince of the machine since each care task was last done, by task
     * @param float $limeShare lime that the machine keeps, against the usual share
     */
    public function circumstances(
        Machine $machine,
        Household $household,
        array $residues = [],
        array $usesSince = [],
        float $limeShare = 1.0,
    ): Circumstances {
        return new Circumstances(
            $machine->traits,
            $household->harsh_chemicals,
            $this->hardness($household),
            $usesSince,
            array_fill_keys($this->handbook->doseModel()->vinegars(), $household->vinegar_strength),
            $residues,
            array_filter(
                array_map(static fn (OwnWay $own): ?array => $own->first, $machine->ownWays()),
                static fn (?array $first): bool => null !== $first,
            ),
            $machine->ownParts(),
            $this->brews->isTimed($machine) ? $this->brews->potTime($machine)->slowedBy : 0.0,
            $limeShare,
        );
    }

    /** How the machine comes apart, with what the household set right. */
    public function sheet(Machine $machine): TakeApartSheet
    {
        return new TakeApartSheet($machine->kindIn($this->handbook), $machine->traits, $machine->ownWays(), $machine->ownParts());
    }

    /** The hardness of the household's water; null when nobody knows it. */
    public function hardness(Household $household): ?Hardness
    {
        try {
            return null === $household->hardness
                ? null
                : (new Descaling($this->handbook->doseModel()))->hardness($household->hardness, $household->hardness_unit);
        } catch (NoCapacity) {
            return null;
        }
    }
}
