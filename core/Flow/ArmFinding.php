<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** What a map of the arms says to somebody who looks for a fault. */
final class ArmFinding
{
    public const UPPER = 'upper';
    public const LOWER = 'lower';
    public const OPEN = 'open';
    public const HELD = 'held';
    public const FREE = 'free';

    /**
     * Which arm has several jets shut, the worst one.
     *
     * @param list<SprayArm> $arms
     * @param string $lower id of the lower arm
     * @param float $several share of an arm's jets, by area, from which several are shut, 0 to 1
     */
    public static function jets(array $arms, string $lower, float $several): string
    {
        [$worst, $finding] = [$several, self::OPEN];
        foreach ($arms as $arm) {
            $shut = 1 - ($arm->openness() ?? 1.0);
            if ($shut >= $worst - 1e-9) {
                [$worst, $finding] = [$shut, $arm->id === $lower ? self::LOWER : self::UPPER];
            }
        }

        return $finding;
    }

    /**
     * Whether any arm does not turn freely.
     *
     * @param list<SprayArm> $arms
     */
    public static function motion(array $arms): string
    {
        foreach ($arms as $arm) {
            if (ArmMotion::Spins !== $arm->motion) {
                return self::HELD;
            }
        }

        return self::FREE;
    }
}
