<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

use GoodRinse\Core\Refusal;

/** A jet, arm, grid or reading that cannot be. */
final class InvalidFlow extends \DomainException implements Refusal
{
    public static function offTheArm(): self
    {
        return new self('A jet lies off the arm: its place goes from the hub (0) to the rim of the rack (1).');
    }

    public static function noBore(): self
    {
        return new self('The bore of a jet is more than 0 mm.');
    }

    public static function blocked(): self
    {
        return new self('A jet is open (0), half blocked (0.5) or blocked (1).');
    }

    public static function samePlace(): self
    {
        return new self('Two jets are in one place.');
    }

    public static function direction(): self
    {
        return new self('An arm hits something at a full hour, from 1 to 12.');
    }

    public static function backwards(): self
    {
        return new self('The minutes of a cup test go up from one look to the next.');
    }

    public static function fewReadings(): self
    {
        return new self('A cup test takes at least two readings.');
    }

    public static function baseline(): self
    {
        return new self('A baseline is more than 0 ml a minute.');
    }

    public static function level(): self
    {
        return new self('The level is from 0 ml to what the cup holds.');
    }

    public static function cup(): self
    {
        return new self('The cup holds more than 0 ml.');
    }
}
