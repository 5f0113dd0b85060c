<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Models\Machine;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\ArmTemplate;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;

/** Finds out which spray arms a machine has and where their jets are: from the newest map, else from the handbook. */
final readonly class ArmReader
{
    public function __construct(private Handbook $handbook, private MeasureReader $measures)
    {
    }

    /**
     * The arms with every jet open, as a round or a look begins with them.
     *
     * @return list<ArmState> empty for a machine without spray arms
     */
    public function layout(Machine $machine): array
    {
        $templates = $machine->kindIn($this->handbook)->spray->for($machine->traits);

        return [] === $templates ? [] : array_map(self::opened(...), $this->current($machine, $this->measures->maps($machine)));
    }

    /**
     * The arms as they were mapped last.
     *
     * @param list<MeasuredEntry<JetMap>> $maps the oldest first
     *
     * @return list<ArmState> empty for a machine without spray arms
     */
    public function current(Machine $machine, array $maps): array
    {
        return array_values(array_map(
            fn (ArmTemplate $template): ArmState => $this->state($template, $maps),
            $machine->kindIn($this->handbook)->spray->for($machine->traits),
        ));
    }

    /**
     * The arms of one map that the machine still has.
     *
     * @return list<ArmState>
     */
    public function mapped(Machine $machine, JetMap $map): array
    {
        $arms = [];
        foreach ($machine->kindIn($this->handbook)->spray->for($machine->traits) as $template) {
            $arm = $map->arm($template->id);
            if (null !== $arm) {
                $arms[] = new ArmState($template, $arm, self::rings($template, $map->stands[$arm->id] ?? []));
            }
        }

        return $arms;
    }

    /** @param list<MeasuredEntry<JetMap>> $maps */
    private function state(ArmTemplate $template, array $maps): ArmState
    {
        for ($i = count($maps) - 1; $i >= 0; --$i) {
            $arm = $maps[$i]->payload->arm($template->id);
            if (null !== $arm) {
                return new ArmState($template, $arm, self::rings($template, $maps[$i]->payload->stands[$arm->id] ?? []));
            }
        }

        return new ArmState($template, $this->drawn($template), $template->rings);
    }

    private function drawn(ArmTemplate $template): SprayArm
    {
        $jets = [];
        foreach ($template->sides as $side => $of) {
            foreach ($of['at'] as $place) {
                $jets[] = new Jet($place, JetSide::from($side), $this->handbook->measureModel()->bore);
            }
        }

        return new SprayArm($template->id, $jets);
    }

    private static function opened(ArmState $state): ArmState
    {
        return new ArmState($state->template, new SprayArm($state->arm->id, array_map(
            static fn (Jet $jet): Jet => new Jet($jet->place, $jet->side, $jet->bore),
            $state->arm->jets,
        )), $state->rings);
    }

    /**
     * What the household puts over an arm; rings keep the handbook's names.
     *
     * @param list<array{float, string}> $stands
     *
     * @return list<array{to: float, name: string, holds: string}>
     */
    private static function rings(ArmTemplate $template, array $stands): array
    {
        $rings = $template->rings;
        foreach ($rings as $i => $ring) {
            if ('' !== ($stands[$i][1] ?? '')) {
                $rings[$i]['holds'] = $stands[$i][1];
            }
        }

        return $rings;
    }
}
