<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Pages\Today\TaskLine;
use GoodRinse\Core\Rhythm\CareState;

/** The tint of a drawn part: silt by how worn it is, plain where nothing is known of it. */
final class PartSoil
{
    public static function of(?TaskLine $line): string
    {
        return match (null === $line || $line->care->neverOpened() ? null : $line->care->rhythm()->state) {
            null => 'in-tile',
            CareState::Fresh => 'in-water',
            CareState::Settling => 'in-silt-1',
            CareState::Soon => 'in-silt-2',
            CareState::Due, CareState::Overdue => 'in-silt-3',
        };
    }
}
