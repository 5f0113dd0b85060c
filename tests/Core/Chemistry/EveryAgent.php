<?php

declare(strict_types=1);

namespace Tests\Core\Chemistry;

use GoodRinse\Core\Chemistry\Assessment;
use GoodRinse\Core\Chemistry\Interlock;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Chemistry\Verdict;
use GoodRinse\Core\Chemistry\VesselState;

/** Every agent of the handbook against every other. */
trait EveryAgent
{
    private const STRANGER = 'moon-dust';

    private static function interlock(): Interlock
    {
        return new Interlock(self::handbook()->chemistry());
    }

    /**
     * @param list<string> $residues
     * @param list<string> $surfaces
     */
    private static function verdict(
        string $agent,
        array $residues = [],
        array $surfaces = [],
        string $vessel = 'bucket',
        bool $harsh = true,
    ): Verdict {
        return self::assessment($agent, $residues, $surfaces, $harsh, $vessel)->verdict;
    }

    /**
     * @param list<string> $residues
     * @param list<string> $surfaces
     */
    private static function assessment(
        string $agent,
        array $residues,
        array $surfaces = [],
        bool $harsh = true,
        string $vessel = 'bucket',
    ): Assessment {
        return self::interlock()->assess(
            new VesselState($vessel, $surfaces, array_map(static fn (string $id): Residue => new Residue($id), $residues)),
            $agent,
            $harsh,
        );
    }

    /** @return list<string> every agent of the handbook and one that it does not know */
    private static function agents(): array
    {
        return [...array_keys(self::handbook()->chemistry()->agents), self::STRANGER];
    }
}
