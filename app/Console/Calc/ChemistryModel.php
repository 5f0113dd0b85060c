<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Chemistry\Interlock;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Chemistry\UnknownVessel;
use GoodRinse\Core\Chemistry\VesselState;
use GoodRinse\Core\Handbook\Handbook;

/** Whether an agent may go into a vessel: `calc chemistry`. */
final readonly class ChemistryModel implements Model
{
    public function __construct(private Handbook $handbook)
    {
    }

    public function calculate(Json $input): array
    {
        $in = $input->object(['vessel', 'propose', 'household']);
        $vessel = $in['vessel']->object(['kind', 'surfaces', 'residues']);
        $rules = $this->handbook->chemistry();
        $kind = $vessel['kind']->text();
        if (!isset($rules->vessels[$kind])) {
            throw $vessel['kind']->bad(UnknownVessel::vessel($kind)->getMessage());
        }
        $surfaces = [];
        foreach ($vessel['surfaces']->list() as $place) {
            $surfaces[] = $surface = $place->text();
            if (!isset($rules->surfaces[$surface])) {
                throw $place->bad(UnknownVessel::surface($surface)->getMessage());
            }
        }
        $residues = array_map(static fn (Json $place): Residue => new Residue($place->text()), $vessel['residues']->list());
        $found = (new Interlock($rules))->assess(
            new VesselState($kind, $surfaces, $residues),
            $in['propose']->text(),
            $in['household']->object(['harshChemicals'])['harshChemicals']->flag(),
        );

        return ['verdict' => $found->verdict->value, 'with' => $found->with, 'reason' => $found->reason, 'remedy' => $found->remedy];
    }
}
