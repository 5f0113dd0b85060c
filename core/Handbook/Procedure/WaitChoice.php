<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

/** Lengths of a wait that are no number of minutes. */
enum WaitChoice: string
{
    /** As long as the rest of the work takes. */
    case Rest = 'rest';

    /** Until tomorrow at eight. */
    case Morning = 'morning';
}
