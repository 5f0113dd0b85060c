<?php

declare(strict_types=1);

namespace App\Actions\Measures;

use App\Actions\Logbook\ActionRefused;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Opening;

/** Writes down how the jets of a machine's arms are. */
final readonly class RecordJets
{
    public function __construct(private Handbook $handbook, private RecordMeasurement $record)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     *
     * @throws ActionRefused for an arm that the machine does not have, or a bore that no jet has
     */
    public function handle(Machine $machine, User $by, string $id, JetMap $map): void
    {
        $this->ensureFits($machine, $map);
        $arms = $machine->kindIn($this->handbook)->spray->for($machine->traits);
        $first = $arms[$map->arms[0]->id];
        $this->record->handle($machine, $by, $id, $map, $first->part, self::opening($first->task, $map));
    }

    /** @throws ActionRefused for an arm that the machine does not have, or a bore that no jet has */
    public function ensureFits(Machine $machine, JetMap $map): void
    {
        $arms = $machine->kindIn($this->handbook)->spray->for($machine->traits);
        $bores = $this->handbook->measureModel()->bores;
        foreach ($map->arms as $arm) {
            if (!isset($arms[$arm->id])) {
                throw ActionRefused::armGone();
            }
            if (self::hasBoreOutside($arm, $bores->least, $bores->most)) {
                throw ActionRefused::boreUnlikely($bores->least, $bores->most);
            }
        }
    }

    private static function hasBoreOutside(SprayArm $arm, float $least, float $most): bool
    {
        foreach ($arm->jets as $jet) {
            if ($jet->bore < $least || $jet->bore > $most) {
                return true;
            }
        }

        return false;
    }

    /** Null for arms without jets, and for those that were only drawn. */
    private static function opening(string $task, JetMap $map): ?Opening
    {
        $blocked = $map->blocked();

        return null === $blocked ? null : Opening::counted($task, $blocked, JetMap::FOUND === $map->means);
    }
}
