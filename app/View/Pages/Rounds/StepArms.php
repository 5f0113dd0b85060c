<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\Measures\ArmReader;
use App\Models\Round;
use App\View\Pages\Measures\ArmsScript;
use App\View\Pages\Measures\ArmsShown;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Round\Tick;

/** The spray arms at a step that judges their jets: as they were marked there, or else as they were found in this round. */
final readonly class StepArms
{
    public function __construct(private ArmReader $arms, private ArmsScript $script)
    {
    }

    public function of(Round $round, Step $step, ?Tick $tick): ArmsShown
    {
        if ([] === ($step->capture->count ?? [])) {
            return new ArmsShown([], '');
        }
        $map = $tick?->details->map ?? ('left' === $step->capture?->means ? $this->found($round) : null);
        $layout = $this->arms->layout($round->machine);
        $arms = null === $map ? $layout : ($this->arms->mapped($round->machine, $map) ?: $layout);

        return [] === $arms ? new ArmsShown([], '') : $this->script->shown($arms);
    }

    private function found(Round $round): ?JetMap
    {
        $map = null;
        foreach ($round->progress()->steps() as $step) {
            $map = $round->progress()->tick($step)->details->map ?? $map;
        }

        return $map;
    }
}
