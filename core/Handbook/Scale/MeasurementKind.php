<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Scale;

/** What sort of thing is counted, measured or noticed. */
enum MeasurementKind: string
{
    /** Any of the options. */
    case Some = 'some';

    /** One of the options. */
    case One = 'one';

    /** A number with its unit. */
    case Number = 'number';

    /** So many shut out of all. */
    case Ratio = 'ratio';
}
