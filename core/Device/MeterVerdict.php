<?php

declare(strict_types=1);

namespace GoodRinse\Core\Device;

/** What becomes of a counter's reading. */
enum MeterVerdict: string
{
    /** It follows from what is known. */
    case Taken = 'taken';
    /** It is lower than an earlier one, or higher than a later one: somebody has to say why. */
    case Backwards = 'backwards';
    /** It is further than the machine can have come in the time between. */
    case Jumps = 'jumps';
}
