<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** Which way a jet points: up at the rack, or down at the floor. */
enum JetSide: string
{
    case Top = 'top';

    /** Wets no rack; carries dirt along the floor to the filter. */
    case Under = 'under';
}
