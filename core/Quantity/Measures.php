<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** The measures a household cooks and cleans with. */
enum Measures: string
{
    case Metric = 'metric';
    case UnitedStates = 'us';
}
