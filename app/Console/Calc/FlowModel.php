<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\Ring;
use GoodRinse\Core\Flow\Spray;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Handbook\Handbook;

/** How open spray arms are and which part of the rack they reach: `calc flow`. */
final readonly class FlowModel implements Model
{
    public function __construct(private Handbook $handbook)
    {
    }

    public function calculate(Json $input): array
    {
        $in = $input->object(['ringWidth', 'arms']);
        $spray = new Spray($this->handbook->measureModel()->flow->withRings($in['ringWidth']->positive()));

        return ['arms' => array_map(
            static function (Json $arm) use ($spray): array {
                $fields = $arm->object(['name', 'jets']);
                $read = new SprayArm($fields['name']->text(), array_map(self::jet(...), $fields['jets']->list()));
                $dull = $spray->dullRings($read);

                return [
                    'name' => $read->id,
                    'openness' => $read->openness(),
                    'topOpenness' => $read->openness(JetSide::Top),
                    'underOpenness' => $read->openness(JetSide::Under),
                    'coverage' => $spray->coverage($read),
                    'dullRings' => null === $dull
                        ? null
                        : array_map(static fn (Ring $ring): array => [$ring->inner, $ring->outer], $dull),
                ];
            },
            $in['arms']->list(),
        )];
    }

    private static function jet(Json $place): Jet
    {
        $in = $place->object(['r', 'side', 'bore', 'blocked']);
        $radius = $in['r']->number(0);
        $blocked = $in['blocked']->number(0);
        if ($radius > 1) {
            throw $in['r']->bad('must be at most 1, the rim of the rack');
        }
        if (!in_array($blocked, [Jet::OPEN, Jet::HALF, Jet::SHUT], true)) {
            throw $in['blocked']->bad('must be 0, 0.5 or 1');
        }

        return new Jet(
            $radius,
            JetSide::tryFrom($in['side']->text()) ?? throw $in['side']->bad('must be top or under'),
            $in['bore']->positive(),
            $blocked,
        );
    }
}
