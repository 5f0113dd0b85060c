<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Models\Machine;
use GoodRinse\Core\Rhythm\OwnRhythm;

/** Keeps the rhythm of a care task as somebody wants it, or lets it learn again. */
final readonly class FixRhythm
{
    public function handle(Machine $machine, string $task, OwnRhythm $own): void
    {
        $rhythms = array_diff_key($machine->rhythms ?? [], [$task => true]);
        $machine->update(['rhythms' => $own->isEmpty() ? $rhythms : $rhythms + [$task => $own->toArray()]]);
    }
}
