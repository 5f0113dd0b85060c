<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** Whether an arm turns when a finger pushes it. */
enum ArmMotion: string
{
    case Spins = 'spins';

    /** It stands where it is, and wets only what lies over its jets. */
    case Stuck = 'stuck';

    /** It turns as far as something in its way. */
    case Hits = 'hits';
}
