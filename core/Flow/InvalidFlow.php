<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

use GoodRinse\Core\FillsSentence;
use GoodRinse\Core\SentenceRefusal;

/** A jet, arm, grid or reading that cannot be. */
final class InvalidFlow extends \DomainException implements SentenceRefusal
{
    use FillsSentence;

    public static function offTheArm(): self
    {
        return self::filled('A jet lies off the arm: its place goes from the hub (0) to the rim of the rack (1).');
    }

    public static function noBore(): self
    {
        return self::filled('The bore of a jet is more than 0 mm.');
    }

    public static function blocked(): self
    {
        return self::filled('A jet is open (0), half blocked (0.5) or blocked (1).');
    }

    public static function samePlace(): self
    {
        return self::filled('Two jets are in one place.');
    }

    public static function direction(): self
    {
        return self::filled('An arm hits something at a full hour, from 1 to 12.');
    }

    public static function backwards(): self
    {
        return self::filled('The minutes of a cup test go up from one look to the next.');
    }

    public static function fewReadings(): self
    {
        return self::filled('A cup test takes at least two readings.');
    }

    public static function baseline(): self
    {
        return self::filled('A baseline is more than 0 ml a minute.');
    }

    public static function level(): self
    {
        return self::filled('The level is from 0 ml to what the cup holds.');
    }

    public static function cup(): self
    {
        return self::filled('The cup holds more than 0 ml.');
    }
}
