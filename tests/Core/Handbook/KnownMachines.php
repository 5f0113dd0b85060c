<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\MachineKind;

/** What the tests of this subject begin from. */
trait KnownMachines
{
    /** @return array<string, array<string, string>> traits by what is different */
    private static function machines(MachineKind $kind): array
    {
        $machines = ['usual' => []];
        foreach ($kind->traits() as $trait) {
            foreach ($trait->options as $option) {
                if ($option->id !== $trait->default) {
                    $machines["$trait->id $option->id"] = [$trait->id => $option->id];
                }
            }
        }

        return $machines + ('dishwasher' === $kind->id ? ['tub and mesh plastic' => ['tub' => 'plastic', 'mesh' => 'plastic']] : []);
    }
}
