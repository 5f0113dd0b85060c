<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Apart\OwnPart;
use GoodRinse\Core\Apart\OwnParts;
use GoodRinse\Core\Handbook\Handbook;

/** The steps that take off and put back the parts a household has added, in the handbook's words. */
final class OwnSteps
{
    /** @return array<string, array<array-key, mixed>> data of steps, by id */
    public static function of(Handbook $handbook, OwnParts $own): array
    {
        $steps = [];
        foreach ($own->parts as $part) {
            $step = self::step($handbook, $part);
            $back = is_array($step['back'] ?? null) ? $step['back'] : [];
            $steps[$part->id.'-off'] = $step;
            $steps[$part->id.'-on'] = ['part' => $part->id, 'putsBack' => $part->id] + $back;
        }

        return $steps;
    }

    /** @return array<array-key, mixed> */
    private static function step(Handbook $handbook, OwnPart $part): array
    {
        $words = [
            '{name}' => mb_strtolower($part->name),
            '{short}' => mb_strimwidth($part->name, 0, 18, '…'),
            '{note}' => $part->note ?? '',
        ];
        $data = $handbook->ownStep();
        array_walk_recursive($data, static function (mixed &$value) use ($words): void {
            $value = is_string($value) ? trim(strtr($value, $words)) : $value;
        });
        $back = is_array($data['back'] ?? null) ? $data['back'] : [];

        return [
            'id' => $part->id.'-off',
            'part' => $part->id,
            'takesOff' => $part->id,
            'back' => ['id' => $part->id.'-on'] + $back,
        ] + $data;
    }
}
